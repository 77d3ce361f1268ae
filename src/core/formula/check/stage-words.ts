import { readNumber } from './quantity';

/** Folds, with the minutes between them. */
export interface RecipeFolds {
  readonly count: number;
  readonly everyMin: number;
}

const NUMBER = '(\\d+(?:[.,]\\d+)?(?:\\s?[½¼¾])?|½|¼|¾|\\d+/\\d+)';
const TIME = new RegExp(
  `${NUMBER}(?:\\s*(?:-|–|to|or)\\s*${NUMBER})?\\s*(h|hrs?|hours?|mins?|minutes?|days?)\\b`,
  'g',
);
/** Hours that words stand for. Set. */
const WORDS: readonly (readonly [RegExp, readonly [number, number]])[] = [
  [/\bovernight\b|\bover night\b|\buntil (?:the )?(?:next )?morning\b/, [8, 12]],
  [/\bhalf an hour\b/, [0.5, 0.5]],
  [/\ban hour\b/, [1, 1]],
];
const HOURS_IN = { h: 1, m: 1 / 60, d: 24 } as const;
const FOLDS = /\b(?:folds?|stretch)\b/;

/** Hours that a clause gives; null for none. */
export function hoursIn(text: string): { leastH: number; mostH: number; minutes: boolean } | null {
  const [found] = text.matchAll(TIME);
  if (found !== undefined) {
    const unit = (found[3] ?? 'h').charAt(0) as keyof typeof HOURS_IN;
    const low = readNumber(found[1] ?? '') * HOURS_IN[unit];
    const high = found[2] === undefined ? low : readNumber(found[2]) * HOURS_IN[unit];
    if (!Number.isFinite(low + high)) return null;
    return { leastH: Math.min(low, high), mostH: Math.max(low, high), minutes: unit === 'm' };
  }
  const word = WORDS.find(([pattern]) => pattern.test(text))?.[1];
  return word === undefined ? null : { leastH: word[0], mostH: word[1], minutes: false };
}

/** Folds as they are written: “3 folds every 30 min”, “stretch and fold 4 times at 20 minute intervals”. */
export function foldsIn(text: string): RecipeFolds | null {
  if (!FOLDS.test(text)) return null;
  const count = /(\d+)\s*(?:x|times|sets?|rounds?|(?:stretch|coil|letter)?[\w ]{0,16}folds?)/.exec(
    text,
  )?.[1];
  const every = /(?:every|at)\s*(\d+)\s*(?:-?\s*)(?:min|minutes?)/.exec(text)?.[1];
  if (count === undefined) return null;
  return { count: Math.min(12, Number(count)), everyMin: every === undefined ? 30 : Number(every) };
}
