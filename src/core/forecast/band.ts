import { EIGHTY_PERCENT } from '../numeric';
import type { Trajectory } from '../kinetics';
import type { RipeWindow } from '../ripeness';
import { NO_DOUBT, type Doubt } from './doubt';

/** Sd of each doubt: in ln for factors, °C for temperatures. Source: model of ripening, §7. */
export const DOUBT_SD: Readonly<Record<keyof Doubt, number>> = {
  speed: 0.1,
  dose: 0.06,
  placeC: 1,
  startC: 1,
  lag: 0.25,
  growth: 0.06,
  sugar: 0.08,
};
const INPUTS = Object.keys(DOUBT_SD) as (keyof Doubt)[];
const ADDED: ReadonlySet<keyof Doubt> = new Set(['placeC', 'startC']);
/** Share of an sd by which each input is moved to feel its slope. */
const FEEL = 0.5;

/** The moments of a ripe window. */
export type Moment = 'opensH' | 'bestH' | 'closesH';
export const MOMENTS: readonly Moment[] = ['opensH', 'bestH', 'closesH'];

/** From–to hours that hold 8 runs in 10; null where some of the runs never get there. */
export type HourBand = readonly [earlyH: number, lateH: number] | null;

/** The 80 % bands of a window and the sd of ln t that they come from. */
export interface WindowBand {
  readonly opensH: HourBand;
  readonly bestH: HourBand;
  readonly closesH: HourBand;
  /** Sd of ln(hours to best), or to opening when there is no best. */
  readonly lnSd: number;
  /** Rises of the early and of the late run, for the picture. */
  readonly early: Trajectory;
  readonly late: Trajectory;
}

/** How to run and read a lot under doubt. */
export interface DoubtfulLot {
  readonly run: (doubt: Doubt) => Trajectory;
  readonly read: (run: Trajectory) => RipeWindow;
  /** More sd of ln t than the inputs explain, e.g. a model not yet checked for this kind of dough. */
  readonly extraLnSd: number;
  /** Hours before the run that the extra doubt has already worked on (dough before its balls). */
  readonly earlierH: number;
  /** Factor on every sd: under 1 after looks. */
  readonly shrink: number;
  /** Sd of ln speed where it was learned; the table’s otherwise. */
  readonly speedLnSd?: number;
  /** Sd of the place, °C, where its offset was learned; the table’s otherwise. */
  readonly placeSdC?: number;
}

function moved(by: Readonly<Record<keyof Doubt, number>>): Doubt {
  const doubt: Record<keyof Doubt, number> = { ...NO_DOUBT };
  for (const input of INPUTS) {
    doubt[input] = ADDED.has(input) ? by[input] : Math.exp(by[input]);
  }
  return doubt;
}

/** Sd of one doubt of a lot. */
function sdOf(input: keyof Doubt, lot: DoubtfulLot): number {
  if (input === 'speed') return lot.speedLnSd ?? DOUBT_SD.speed;
  return input === 'placeC' ? (lot.placeSdC ?? DOUBT_SD.placeC) : DOUBT_SD[input];
}

const NOTHING = Object.fromEntries(INPUTS.map((input) => [input, 0])) as Record<
  keyof Doubt,
  number
>;

/**
 * 80 % bands by linearising ln t over the uncertain inputs, then two probe runs along the steepest
 * direction, which give the bands their lopsidedness. 17 runs.
 * Source: model of ripening, §7 (first-order second-moment method).
 */
export function windowBand(base: RipeWindow, lot: DoubtfulLot): WindowBand | null {
  const key: Moment = base.bestH === null ? 'opensH' : 'bestH';
  if (base[key] === null) return null;
  const slopes = { ...NOTHING };
  let variance = 0;
  for (const input of INPUTS) {
    const sd = sdOf(input, lot) * lot.shrink;
    const up = readAt(lot, { ...NOTHING, [input]: FEEL * sd })[key];
    const down = readAt(lot, { ...NOTHING, [input]: -FEEL * sd })[key];
    if (up === null || down === null || up <= 0 || down <= 0) return null;
    slopes[input] = (Math.log(up) - Math.log(down)) / (2 * FEEL);
    variance += slopes[input] ** 2;
  }
  const inputSd = Math.sqrt(variance);
  const early = lot.run(alongGradient(slopes, inputSd, -EIGHTY_PERCENT, lot));
  const late = lot.run(alongGradient(slopes, inputSd, EIGHTY_PERCENT, lot));
  const [first, last] = [lot.read(early), lot.read(late)];
  const band = (moment: Moment): HourBand =>
    widened(base[moment], first[moment], last[moment], lot);
  return {
    opensH: band('opensH'),
    bestH: band('bestH'),
    closesH: band('closesH'),
    lnSd: Math.hypot(inputSd, lot.extraLnSd * lot.shrink),
    early,
    late,
  };
}

function readAt(lot: DoubtfulLot, by: Record<keyof Doubt, number>): RipeWindow {
  return lot.read(lot.run(moved(by)));
}

/** A doubt drawn at random, every input on its own. */
export function drawDoubt(lot: DoubtfulLot, normal: () => number): Doubt {
  const by = { ...NOTHING };
  for (const input of INPUTS) by[input] = normal() * sdOf(input, lot) * lot.shrink;
  return moved(by);
}

/** The most likely doubt that makes ln t differ by `z` sd. */
function alongGradient(
  slopes: Record<keyof Doubt, number>,
  sd: number,
  z: number,
  lot: DoubtfulLot,
): Doubt {
  const by = { ...NOTHING };
  if (sd > 0) {
    for (const input of INPUTS) {
      by[input] = (z * slopes[input] * sdOf(input, lot) * lot.shrink) / sd;
    }
  }
  return moved(by);
}

function widened(
  at: number | null,
  early: number | null,
  late: number | null,
  lot: DoubtfulLot,
): HourBand {
  if (at === null || early === null || late === null) return null;
  const extraH = (at + lot.earlierH) * (Math.exp(EIGHTY_PERCENT * lot.extraLnSd * lot.shrink) - 1);
  const before = Math.hypot(at - Math.min(at, early), Math.min(extraH, at));
  const after = Math.hypot(Math.max(at, late) - at, extraH);
  return [Math.max(0, at - before), at + after];
}
