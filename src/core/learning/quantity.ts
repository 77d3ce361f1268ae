import { tr } from '@/words/tr';
import { MS_PER_HOUR, requireNumber } from '../units';

/** What a quantity is taken to be before anything was seen of it. */
export interface QuantityPrior {
  readonly mean: number;
  readonly sd: number;
  /** Sd that a week adds: places, machines and hands change. */
  readonly weeklySd: number;
  /** Sd that weeks without a sight lead to at the most; that of before any where absent. */
  readonly mostSd?: number;
}

/** The quantity as seen once. */
export interface QuantitySeen {
  readonly atMs: number;
  readonly value: number;
  /** Variance of what was seen around the true value. */
  readonly variance: number;
}

/** How far off the book and the belief were before a sight counted. */
export interface QuantityLesson extends QuantitySeen {
  readonly bookError: number;
  readonly learnedError: number;
}

/** What is believed of a quantity. */
export interface QuantityBelief {
  readonly mean: number;
  readonly variance: number;
  readonly lessons: readonly QuantityLesson[];
}

/** A sight further off than this many sd is pulled back to it. */
const CLIP_SD = 2.5;
const WEEK_MS = 7 * 24 * MS_PER_HOUR;

/**
 * Learns a quantity from what was seen of it, in order of time: conjugate normal updates, clipped so that one
 * mis-logged sight does not wreck it, and a little less sure each week.
 * @throws {DomainError} seen-value, seen-variance
 * Source: learning from looks, model of ripening §6.
 */
export function learnQuantity(
  prior: QuantityPrior,
  seen: readonly QuantitySeen[],
  nowMs: number,
): QuantityBelief {
  let mean = prior.mean;
  let variance = prior.sd ** 2;
  let asOfMs = seen[0]?.atMs ?? nowMs;
  const age = (atMs: number) => {
    const weeks = Math.max(0, (atMs - asOfMs) / WEEK_MS);
    const most = Math.max(prior.mostSd ?? prior.sd, prior.sd) ** 2;
    variance = Math.min(most, variance + weeks * prior.weeklySd ** 2);
    asOfMs = Math.max(asOfMs, atMs);
  };
  const lessons: QuantityLesson[] = [];
  for (const one of seen) {
    requireNumber('seen-value', one.value, { name: tr`Seen`, unit: '', min: -1e9, max: 1e9 });
    requireNumber('seen-variance', one.variance, {
      name: tr`Variance`,
      unit: '',
      min: 0,
      max: 1e9,
    });
    age(one.atMs);
    lessons.push({
      ...one,
      bookError: Math.abs(one.value - prior.mean),
      learnedError: Math.abs(one.value - mean),
    });
    const total = variance + one.variance;
    const most = CLIP_SD * Math.sqrt(total);
    const surprise = Math.max(-most, Math.min(most, one.value - mean));
    mean += (variance / total) * surprise;
    variance *= 1 - variance / total;
  }
  age(nowMs);
  return { mean, variance, lessons };
}
