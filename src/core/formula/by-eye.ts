import { normalMiddles } from '../numeric';

/** Spread of pieces that are divided by eye, sd over their weight. Set: a practised hand, without a scale. */
const EYE_SD = 0.08;

/**
 * What pieces come to that are divided by eye instead of on the scale: the lightest and the heaviest of so many, g, as they are
 * to be expected.
 * @param weightG what each should weigh, g
 */
export function dividedByEye(weightG: number, count: number): { leastG: number; mostG: number } {
  const furthest = normalMiddles(Math.max(1, count)).at(-1) ?? 0;
  return { leastG: weightG * (1 - EYE_SD * furthest), mostG: weightG * (1 + EYE_SD * furthest) };
}
