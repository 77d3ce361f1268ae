import type { ActOf } from '../journal';
import { addHours, hoursBetween } from '../units';
import { forecastActs, type ForecastShopFacts } from './forecast-acts';

/** A part of some balls that is kept for another service. */
export interface KeptQuestion {
  readonly shop: ForecastShopFacts;
  /** Taken off at this instant, into the place that keeps it. */
  readonly atMs: number;
  readonly split: ActOf<'split'>;
  /** Where it comes out into. */
  readonly outPlaceId: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
}

/** When it comes out, and when it is ready then; nulls: not that far. */
export interface KeptOut {
  readonly outMs: number;
  readonly opensMs: number | null;
  readonly closesMs: number | null;
}

/** Hours before the service that are tried, the shortest first. */
const WARM_H = [0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12];
const STEP_H = 0.1;

/**
 * When a part comes out of the place that keeps it, so that it is ready for its service: the fewest hours that miss least of it,
 * opening late counting twice. Each hour is run through by the forecast.
 */
export function keptOut(question: KeptQuestion): KeptOut {
  const { atMs, readyFromMs, readyToMs } = question;
  const tried = WARM_H.filter((hours) => addHours(readyFromMs, -hours) > atMs).map((hours) =>
    outAt(question, addHours(readyFromMs, -hours)),
  );
  const missed = ({ opensMs, closesMs }: KeptOut): number => {
    const late = opensMs === null ? LOST_H : Math.max(0, hoursBetween(readyFromMs, opensMs));
    const slack = closesMs === null ? 0 : Math.max(0, hoursBetween(closesMs, readyToMs));
    return 2 * late + slack;
  };
  const first = outAt(question, Math.max(atMs + 60_000, addHours(readyFromMs, -(WARM_H[0] ?? 1))));
  return tried.reduce((best, one) => (missed(one) < missed(best) - NEAR_H ? one : best), first);
}
/** What never opens is as bad as this many hours, h. */
const LOST_H = 24;
const NEAR_H = 0.1;

function outAt({ shop, split, atMs, outPlaceId }: KeptQuestion, outMs: number): KeptOut {
  const lots = forecastActs({ ...shop, stepH: STEP_H }, [
    { atMs, act: split },
    { atMs: outMs, act: { kind: 'move', lotId: split.partLotId, placeId: outPlaceId } },
  ]);
  const window = lots.get(split.partLotId)?.window;
  return { outMs, opensMs: window?.opensMs ?? null, closesMs: window?.closesMs ?? null };
}
