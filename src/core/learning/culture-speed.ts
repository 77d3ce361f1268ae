import { MS_PER_HOUR } from '../units';

/** What is believed of a culture's speed: ln of the factor against the book. */
export interface SpeedBelief {
  readonly lnSpeed: number;
  readonly variance: number;
  /** Lots whose looks have counted. */
  readonly lots: number;
  readonly asOfMs: number;
  /** Variance before any look, which no time exceeds. */
  readonly priorVariance: number;
}

/** What the looks on one lot said, relative to the speed it was run with. */
export interface LotLesson {
  readonly atMs: number;
  /** Shift of ln t that its looks made. */
  readonly shift: number;
  /** Variance of ln t before its looks and after them. */
  readonly before: number;
  readonly after: number;
}

/** Sd of ln speed of a culture nobody has looked at. Source: learning from looks, model of ripening §6. */
const PRIOR_LN_SD = 0.25;
/** Sd of ln t from one lot of a culture to the next (dose, temperatures, flour), not the culture’s own. */
const WITHIN_LN_SD = 0.1;
/** Variance that a week adds: cultures change. Set. */
const WEEKLY_VARIANCE = 0.015 ** 2;
const WEEK_MS = 7 * 24 * MS_PER_HOUR;

/**
 * The belief before any look.
 * @param lnSd sd of ln speed; that of a culture where left out
 */
export function priorSpeed(asOfMs: number, lnSd = PRIOR_LN_SD): SpeedBelief {
  const variance = lnSd ** 2;
  return { lnSpeed: 0, variance, lots: 0, asOfMs, priorVariance: variance };
}

/** The belief some time later: a little less sure each week, never less than at first. */
export function aged(belief: SpeedBelief, atMs: number): SpeedBelief {
  const weeks = Math.max(0, (atMs - belief.asOfMs) / WEEK_MS);
  const variance = Math.min(belief.priorVariance, belief.variance + weeks * WEEKLY_VARIANCE);
  return { ...belief, variance, asOfMs: Math.max(atMs, belief.asOfMs) };
}

/** Variance of ln t of a new lot of this culture before any look at it. */
export function lotVariance(belief: SpeedBelief): number {
  return belief.variance + WITHIN_LN_SD ** 2;
}

/**
 * What one lot's looks teach about its culture: conjugate update of the mean and precision of ln speed.
 * The lot's own looks are recovered as an observation z with variance R from the shift and the shrinking they made.
 * Source: learning from looks, model of ripening §6.
 */
export function learnFrom(belief: SpeedBelief, lesson: LotLesson): SpeedBelief {
  const now = aged(belief, lesson.atMs);
  const { before, after } = lesson;
  if (!(after < before * (1 - 1e-6))) return now;
  const observed = (after * before) / (before - after);
  const z = (lesson.shift * before) / (before - after);
  const gain = now.variance / (now.variance + WITHIN_LN_SD ** 2 + observed);
  return {
    lnSpeed: now.lnSpeed - gain * z,
    variance: now.variance * (1 - gain),
    lots: now.lots + 1,
    asOfMs: now.asOfMs,
    priorVariance: now.priorVariance,
  };
}
