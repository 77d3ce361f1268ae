import { unitAt, type RecipeUnit } from './units';

/** An amount as it is written: one number or a span, with its unit. */
export interface WrittenAmount {
  readonly low: number;
  readonly high: number;
  readonly unit: RecipeUnit | null;
  /** Where it stands in the text. */
  readonly from: number;
  readonly to: number;
}

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅕': 1 / 5,
};
const VULGARS = Object.keys(VULGAR).join('');

/** One number: "1 ½", "1½", "½", "1 1/2", "1/2", "1 000", "1,000", "1.5", "1,5". */
const NUMBER = `(?:\\d+[ \\u2009\\u202f]?[${VULGARS}]|[${VULGARS}]|\\d+ \\d+/\\d+|\\d+/\\d+|\\d{1,3}(?:[ \\u2009\\u202f\\u00a0,']\\d{3})+(?![\\d])(?:\\.\\d+)?|\\d+(?:[.,]\\d+)?)`;
const AMOUNT = new RegExp(`(${NUMBER})(?:\\s*(?:-|–|to)\\s*(${NUMBER}))?`, 'g');
/** Words that are numbers. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/\bhalf an?\b/g, '½'],
  [/\bhalf\b/g, '½'],
  [/\bquarter of an?\b/g, '¼'],
  [
    /\b(?:an|a|one)(?= (?:pinch|sachet|packet|cup|teaspoon|tablespoon|tsp|tbsp|pound|kilo|litre|liter)\b)/g,
    '1',
  ],
  [/\btwo\b/g, '2'],
  [/\bthree\b/g, '3'],
  [/\bfour\b/g, '4'],
];

/** Words that are numbers as figures; every replacement keeps the words after it where they are. */
export function withFigures(text: string): string {
  return WORDS.reduce((all, [pattern, figure]) => all.replace(pattern, figure), text);
}

/** Reads one number as it is written; NaN for what is none. */
export function readNumber(written: string): number {
  const text = written.trim();
  const vulgar = [...text].find((letter) => VULGAR[letter] !== undefined);
  if (vulgar !== undefined) {
    const whole = text.slice(0, text.indexOf(vulgar)).trim();
    return (whole === '' ? 0 : Number(whole)) + (VULGAR[vulgar] ?? NaN);
  }
  const fraction = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
  if (fraction !== null) {
    return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
  }
  if (/^\d{1,3}(?:[ \u2009\u202f\u00a0,']\d{3})+(?:\.\d+)?$/.test(text)) {
    return Number(text.replace(/[ \u2009\u202f\u00a0,']/g, ''));
  }
  return Number(text.replace(',', '.'));
}

/** Every amount of a line, left to right. */
export function amountsIn(text: string): WrittenAmount[] {
  const found: WrittenAmount[] = [];
  for (const match of text.matchAll(AMOUNT)) {
    const from = match.index;
    // A figure inside a word is a name: "00", "t55".
    if (/[a-zà-ÿ]/i.test(text.charAt(from - 1))) continue;
    const low = readNumber(match[1] ?? '');
    const high = match[2] === undefined ? low : readNumber(match[2]);
    if (!Number.isFinite(low + high)) continue;
    const after = from + match[0].length;
    const gap = /^\s*/.exec(text.slice(after))?.[0].length ?? 0;
    const unit = unitAt(text.slice(after + gap));
    found.push({
      low: Math.min(low, high),
      high: Math.max(low, high),
      unit: unit?.unit ?? null,
      from,
      to: unit === null ? after : after + gap + unit.length,
    });
  }
  return found;
}
