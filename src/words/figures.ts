import { perLanguage } from './per-language';
import { language } from './speaker';

/** What stands between whole and part of a figure in the language of the shop. */
const decimalMark = perLanguage(() => {
  const parts = new Intl.NumberFormat(language()).formatToParts(1.5);
  return parts.find((part) => part.type === 'decimal')?.value ?? '.';
});

const FIGURE = /^([-−+×±]?[\d\u202f]+)\.(\d+)$/;

/** A figure as it was written by the program, “0.5”, with the decimal mark of the language; any other text as it is. */
export function inFigures(text: string): string {
  const mark = decimalMark();
  return mark === '.' ? text : text.replace(FIGURE, `$1${mark}$2`);
}
