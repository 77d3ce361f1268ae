import { language, type Language } from './speaker';

/** What is made of words: once for each language, when it is first asked for in it. */
export function perLanguage<T>(make: () => T): () => T {
  const made = new Map<Language, T>();
  return () => {
    const spoken = language();
    if (!made.has(spoken)) made.set(spoken, make());
    return made.get(spoken) as T;
  };
}
