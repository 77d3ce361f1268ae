import { perLanguage } from './per-language';
import { language } from './speaker';

/** What stands between whole and part of a figure in the language of the shop. */
const decimalMark = perLanguage(() => {
  const parts = new Intl.NumberFormat(language()).formatToParts(1.5);
  return parts.find((part) => part.type === 'decimal')?.value ?? '.';
});

// “0.5”, “×2.4”, “9.1 kg”; no hour, no date, no sentence.
const FIGURE = /^([-−+×±]?[\d\u202f]+)\.(\d+)(?=(?:[ \u00a0]?[%°\p{L}/²]{1,5})?$)/u;

/** “4th”, “4ª”, “4.”: which of several it is. */
export function ordinal(n: number): string {
  const spoken = language();
  if (spoken !== 'en') return `${n}${spoken === 'it' ? 'ª' : '.'}`;
  const rule = new Intl.PluralRules('en', { type: 'ordinal' }).select(n);
  return `${n}${{ one: 'st', two: 'nd', few: 'rd', other: 'th', zero: 'th', many: 'th' }[rule]}`;
}

/** A figure as it was written by the program, “0.5”, with the decimal mark of the language; any other text as it is. */
export function inFigures(text: string): string {
  const mark = decimalMark();
  return mark === '.' ? text : text.replace(FIGURE, `$1${mark}$2`);
}
