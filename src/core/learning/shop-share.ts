import type { SpeedBelief } from './culture-speed';

/** What the looks alone say of a culture, without what was believed before any: a mean of ln speed and its variance. */
interface Seen {
  readonly mean: number;
  readonly variance: number;
}

/**
 * Sd of ln speed that all sourdough cultures of a shop have in common: its flour, its water, how it reads a jar. Set; with
 * what a culture has of its own it makes the spread of a culture that nobody has looked at.
 */
const COMMON_LN_SD = 0.15;

/** What was seen of a culture, taken out of what is believed of it; null where nothing was. */
function seenOf({ lnSpeed, variance, priorVariance }: SpeedBelief): Seen | null {
  const precision = 1 / variance - 1 / priorVariance;
  if (!(precision > 1e-9)) return null;
  return { mean: lnSpeed / variance / precision, variance: 1 / precision };
}

/** What is believed of a culture before its own looks, from what the others of the shop have in common. */
function priorFrom(others: readonly SpeedBelief[], priorVariance: number): Seen {
  const ownVariance = Math.max(0, priorVariance - COMMON_LN_SD ** 2);
  let precision = 1 / COMMON_LN_SD ** 2;
  let weighted = 0;
  for (const other of others) {
    const seen = seenOf(other);
    if (seen === null) continue;
    const weight = 1 / (seen.variance + ownVariance);
    precision += weight;
    weighted += weight * seen.mean;
  }
  return { mean: weighted / precision, variance: ownVariance + 1 / precision };
}

/**
 * A culture's speed with what the other cultures of the shop say of it: each is drawn a little towards what they have in
 * common, the more the less it was looked at; one that nobody has looked at is taken for one of them.
 * @param own what its own looks have taught, from the book's prior
 * @param others the same of the shop's other cultures
 * Source: partial pooling, e.g. Gelman & Hill 2007, Data analysis using regression and multilevel models, ch. 12.
 */
export function withOthers(own: SpeedBelief, others: readonly SpeedBelief[]): SpeedBelief {
  const prior = priorFrom(others, own.priorVariance);
  const seen = seenOf(own);
  if (seen === null) return { ...own, lnSpeed: prior.mean, variance: prior.variance };
  const variance = 1 / (1 / prior.variance + 1 / seen.variance);
  const lnSpeed = variance * (prior.mean / prior.variance + seen.mean / seen.variance);
  return { ...own, lnSpeed, variance };
}
