import { perLanguage } from '@/words/per-language';
import { TERMS, type Term } from './terms';

/** Forms of a word that count as it: itself, and its plural. */
const formsOf = ({ word, also }: Term) =>
  [word, ...also].map((one) => one.toLowerCase().replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));

/** What each word is told by, in the language of the shop. */
const forms = perLanguage(() =>
  TERMS.map((term) => ({
    term,
    as: new RegExp(`(?<![\\p{L}\\d])(?:${formsOf(term).join('|')})(?:s|es)?(?![\\p{L}\\d])`, 'iu'),
  })),
);

/** The words of the trade that stand in a text, in the order in which they come. */
export function termsIn(text: string): readonly Term[] {
  return forms()
    .map(({ term, as }) => ({ term, at: text.search(as) }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)
    .map(({ term }) => term);
}
