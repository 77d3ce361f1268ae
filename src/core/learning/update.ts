import { normalBelow, normalDensity } from '../numeric';

/** What is believed of ln t: how much later than the book, and how surely. */
export interface LnTimeBelief {
  /** Shift of ln t against the forecast as it stands. */
  readonly mean: number;
  readonly variance: number;
}

/** Observations further off than this many sd are pulled back to it: a mis-logged look must not wreck a forecast. */
const CLIP_SD = 2.5;

/**
 * Conjugate normal update of a belief by one observed z = ln t_seen − ln t_predicted.
 * @param observed.variance variance of the observation
 * Source: learning from looks, model of ripening §6; clipped as a robust (Huber) estimate.
 */
export function updateBelief(
  belief: LnTimeBelief,
  observed: { readonly z: number; readonly variance: number },
): LnTimeBelief {
  const total = belief.variance + observed.variance;
  const most = CLIP_SD * Math.sqrt(total);
  const surprise = observed.z - belief.mean;
  const clipped = Math.max(-most, Math.min(most, surprise));
  const gain = belief.variance / total;
  return { mean: belief.mean + gain * clipped, variance: belief.variance * (1 - gain) };
}

/**
 * Update by a censored observation: all that is known is that the moment lies before, or after, the look.
 * Moments of the truncated normal distribution.
 * @param bound.z ln(hour of the look) − ln(predicted hour)
 * @param bound.side "before": the moment has passed already; "after": it is still to come
 * @param bound.variance doubt of the sign itself
 */
export function updateByBound(
  belief: LnTimeBelief,
  bound: { readonly z: number; readonly side: 'before' | 'after'; readonly variance: number },
): LnTimeBelief {
  const total = belief.variance + bound.variance;
  const sd = Math.sqrt(total);
  const sign = bound.side === 'before' ? -1 : 1;
  // In units where the moment is known to be greater than `alpha`.
  const alpha = Math.max(-CLIP_SD * 2, Math.min(CLIP_SD, (sign * (bound.z - belief.mean)) / sd));
  const ratio = normalDensity(alpha) / Math.max(1e-12, normalBelow(-alpha));
  const gain = belief.variance / total;
  return {
    mean: belief.mean + sign * gain * sd * ratio,
    variance: belief.variance * (1 - gain * ratio * (ratio - alpha)),
  };
}
