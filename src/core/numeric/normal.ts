/** Normal deviate that leaves a tenth on each side: the edges of an 80 % band. */
export const EIGHTY_PERCENT = 1.2816;

/** Density of the standard normal distribution. */
export function normalDensity(x: number): number {
  return Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
}

/**
 * P(standard normal ≤ x).
 * Source: Abramowitz and Stegun, Handbook of Mathematical Functions, 26.2.17 (error under 7.5e-8).
 */
export function normalBelow(x: number): number {
  if (x > 0) return 1 - normalBelow(-x);
  const t = 1 / (1 - 0.2316419 * x);
  const poly =
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return normalDensity(x) * poly;
}

/** The value under which a share of a sorted list lies, between its items linearly; NaN for an empty list. */
export function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const low = sorted[Math.floor(at)] ?? NaN;
  const high = sorted[Math.ceil(at)] ?? NaN;
  return low === high ? low : low + (at % 1) * (high - low);
}
