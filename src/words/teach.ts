import { createInstance } from 'i18next';
import type { Language, Speaker } from './speaker';

/** The sentences of one language, each under its English. */
export type Catalogue = Readonly<Record<string, string>>;

/** What a process speaks a language with, once it has its catalogue. */
export function taught(language: Language, catalogue: Catalogue): Speaker {
  const i18n = createInstance();
  void i18n.init({
    lng: language,
    resources: { [language]: { translation: catalogue } },
    initAsync: false,
    // Keys are sentences: what stands in them is not a path.
    keySeparator: false,
    nsSeparator: false,
    contextSeparator: '\u0000',
    pluralSeparator: '\u0000',
    interpolation: { prefix: '{', suffix: '}', escapeValue: false, nestingPrefix: '\u0000' },
  });
  return { language, translate: (key, values) => i18n.t(key, values) };
}
