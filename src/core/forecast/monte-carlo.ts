import { quantile } from '../numeric';
import type { RipeWindow } from '../ripeness';
import { NO_DOUBT } from './doubt';
import { drawDoubt, MOMENTS, type DoubtfulLot, type HourBand, type Moment } from './band';

/** What many runs with drawn doubts say of a window. */
export interface DrawnBand {
  readonly runs: number;
  readonly opensH: HourBand;
  readonly bestH: HourBand;
  readonly closesH: HourBand;
  /** Share of the runs that never open. */
  readonly neverShare: number;
}

/**
 * 80 % bands from many runs with drawn doubts: for lots of which some runs may never get there, and to check the
 * linearised band.
 * @param normal standard normal numbers, passed in
 */
export function drawnBand(lot: DoubtfulLot, runs: number, normal: () => number): DrawnBand {
  const steps = drawnBandSteps(lot, runs, normal);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}

/** Runs between two words of progress. */
const RUNS_A_STEP = 25;

/** {@link drawnBand} in steps, each yielding the share done, so that it can show progress and be stopped. */
export function* drawnBandSteps(
  lot: DoubtfulLot,
  runs: number,
  normal: () => number,
): Generator<number, DrawnBand> {
  const hours: Record<Moment, number[]> = { opensH: [], bestH: [], closesH: [] };
  const likely = lot.read(lot.run(NO_DOUBT));
  const likelyH = likely.bestH ?? likely.opensH ?? 0;
  for (let i = 0; i < runs; i += 1) {
    if (i > 0 && i % RUNS_A_STEP === 0) yield i / runs;
    const window = lot.read(lot.run(drawDoubt(lot, likelyH, normal)));
    for (const moment of MOMENTS) {
      const at = window[moment];
      if (at !== null) hours[moment].push(at);
    }
  }
  const band = (moment: Moment): HourBand => {
    const sorted = hours[moment].sort((a, b) => a - b);
    return sorted.length === 0 ? null : [quantile(sorted, 0.1), quantile(sorted, 0.9)];
  };
  return {
    runs,
    opensH: band('opensH'),
    bestH: band('bestH'),
    closesH: band('closesH'),
    neverShare: 1 - hours.opensH.length / runs,
  };
}

/** True when a window has every moment that its kind of lot can have. */
export function getsThere(window: RipeWindow): boolean {
  return window.opensH !== null && (window.by === 'stretch' || window.bestH !== null);
}
