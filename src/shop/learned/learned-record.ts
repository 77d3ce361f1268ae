import type { LearnedSpeed } from '@/core/forecast';
import { EIGHTY_PERCENT } from '@/core/numeric';
import { MS_PER_HOUR } from '@/core/units';

/** Forecasts of one week against what was seen. */
export interface RecordWeek {
  readonly fromMs: number;
  readonly lots: number;
  /** Mean minutes between the best as forecast and as its looks put it; null for a week without looks. */
  readonly errorMin: number | null;
}

/** A lot whose looks are hard to believe: one in a hundred is that far off. */
export interface OddLook {
  readonly lotId: string;
  readonly culture: string;
  readonly atMs: number;
  readonly later: boolean;
  readonly errorMin: number | null;
}

/** How the forecasts fared in this shop. */
export interface ForecastRecord {
  /** The oldest first; the last one is the week up to now. */
  readonly weeks: readonly RecordWeek[];
  /** Lots seen inside the band that should hold eight of ten, and all that were seen. */
  readonly inside: number;
  readonly seen: number;
  /** The last first. */
  readonly odd: readonly OddLook[];
}

const WEEKS = 12;
const WEEK_MS = 7 * 24 * MS_PER_HOUR;
/** Standard deviations that one lot in a hundred exceeds. */
const ONE_IN_HUNDRED = 2.576;
const MOST_ODD = 6;

/** How the forecasts of all cultures fared, from what their looks taught. */
export function forecastRecord(speeds: readonly LearnedSpeed[], nowMs: number): ForecastRecord {
  const all = speeds.flatMap(({ culture, from }) => from.map((one) => ({ ...one, culture })));
  const judged = all.flatMap((one) => (one.offSd === null ? [] : [{ ...one, offSd: one.offSd }]));
  const weeks = Array.from({ length: WEEKS }, (_, i): RecordWeek => {
    const fromMs = nowMs - (WEEKS - i) * WEEK_MS;
    const errors = all
      .filter((one) => one.atMs >= fromMs && one.atMs < fromMs + WEEK_MS)
      .flatMap((one) => one.learnedErrorMin ?? []);
    const errorMin =
      errors.length === 0 ? null : errors.reduce((sum, one) => sum + one, 0) / errors.length;
    return { fromMs, lots: errors.length, errorMin };
  });
  return {
    weeks,
    inside: judged.filter((one) => Math.abs(one.offSd) <= EIGHTY_PERCENT).length,
    seen: judged.length,
    odd: judged
      .filter((one) => Math.abs(one.offSd) > ONE_IN_HUNDRED)
      .sort((a, b) => b.atMs - a.atMs)
      .slice(0, MOST_ODD)
      .map(({ lotId, culture, atMs, offSd, learnedErrorMin }) => ({
        lotId,
        culture,
        atMs,
        later: offSd > 0,
        errorMin: learnedErrorMin,
      })),
  };
}
