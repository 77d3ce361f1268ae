import { inFigures } from './figures';
import { language, speaker } from './speaker';

/** What may stand in a sentence: a figure is written with the decimal mark of the language. */
export type Said = string | number | boolean | null | undefined;

const KEYS = new WeakMap<TemplateStringsArray, string>();

/** The key of a sentence in the catalogues: its English, with {0}, {1} … where something stands in it. */
function keyOf(strings: TemplateStringsArray): string {
  const known = KEYS.get(strings);
  if (known !== undefined) return known;
  const key = strings.reduce((all, part, at) => `${all}{${at - 1}}${part}`);
  KEYS.set(strings, key);
  return key;
}

/**
 * A sentence in the language of the shop. It is written in English where it is said; the catalogues of the other
 * languages hold it under that English.
 * @returns the sentence, in English where no catalogue holds it
 */
export function tr(strings: TemplateStringsArray, ...values: readonly Said[]): string {
  const { translate } = speaker();
  if (translate === null)
    return strings.reduce((all, part, at) => `${all}${String(values[at - 1])}${part}`);
  return translate(keyOf(strings), shownIn(values));
}

/** What stands in a sentence, by its number. */
const shownIn = (values: readonly Said[]) =>
  Object.fromEntries(values.map((value, at) => [String(at), inFigures(String(value))]));

/**
 * A sentence whose English says two things that other languages say apart: “to the bench” and “to 15:00”.
 * @param where what it is said of; it stands before the key in the catalogues, as in “place|to {0}”
 */
export const trFor =
  (where: string) =>
  (strings: TemplateStringsArray, ...values: readonly Said[]): string => {
    const { translate } = speaker();
    return translate === null
      ? tr(strings, ...values)
      : translate(`${where}|${keyOf(strings)}`, shownIn(values));
  };

/** A word of a closed list, as a kind or a state, in the language of the shop; what no catalogue holds stays as it is. */
export function trOf<T extends string | null | undefined>(
  word: T,
): T extends string ? string : string | Exclude<T, string> {
  const { translate } = speaker();
  type Out = T extends string ? string : string | Exclude<T, string>;
  if (translate === null || word == null) return word as Out;
  return translate(word, {}) as Out;
}

/** A name as it stands within a sentence: with a small letter, where the language writes nouns so. */
export function inSentence<T extends string | undefined>(name: T): T {
  return (language() === 'de' ? name : name?.toLowerCase()) as T;
}

/** Marks a word that is said later by trOf, where it is written before the language is known. */
export const word = <T extends string>(text: T): T => text;
