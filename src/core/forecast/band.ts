import { EIGHTY_PERCENT } from '../numeric';
import type { Trajectory } from '../kinetics';
import type { RipeWindow } from '../ripeness';
import { NO_DOUBT, type Doubt } from './doubt';

/**
 * Sd of each doubt: in ln for factors, °C for temperatures. Source: model of ripening, §7; `cold` is set, so that the bands
 * of cold lots hold what they say.
 */
export const DOUBT_SD: Readonly<Record<keyof Doubt, number>> = {
  speed: 0.1,
  dose: 0.06,
  placeC: 1,
  startC: 1,
  lag: 0.25,
  growth: 0.06,
  sugar: 0.08,
  cold: 1.4,
};
const INPUTS = Object.keys(DOUBT_SD) as (keyof Doubt)[];
const ADDED: ReadonlySet<keyof Doubt> = new Set(['placeC', 'startC', 'cold']);
/** Sd by which each input is moved to feel its slope: as far as the edge of the band, so that a bend is in it. */
const FEEL = EIGHTY_PERCENT;

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

/** Sd of one doubt of a lot that comes to its moment after some hours. */
function sdOf(input: keyof Doubt, lot: DoubtfulLot, atH: number): number {
  // What the model is off by acts like a speed, in the dough before its balls as well.
  if (input === 'speed') {
    const extra = lot.extraLnSd * (1 + lot.earlierH / Math.max(atH, LEAST_H));
    return Math.hypot(lot.speedLnSd ?? DOUBT_SD.speed, extra);
  }
  return input === 'placeC' ? (lot.placeSdC ?? DOUBT_SD.placeC) : DOUBT_SD[input];
}

/** Hours under which a moment counts as so many: what is there at once has no share of hours before. */
const LEAST_H = 0.5;

const NOTHING = Object.fromEntries(INPUTS.map((input) => [input, 0])) as Record<
  keyof Doubt,
  number
>;

/**
 * 80 % bands by linearising ln t over the uncertain inputs, each moment by its own slopes, then two probe runs along the
 * steepest direction of the best, which give the bands their lopsidedness. 19 runs.
 * Source: model of ripening, §7 (first-order second-moment method).
 */
export function windowBand(base: RipeWindow, lot: DoubtfulLot): WindowBand | null {
  const key: Moment = base.bestH === null ? 'opensH' : 'bestH';
  const atH = base[key];
  if (atH === null) return null;
  const sds = (input: keyof Doubt) => sdOf(input, lot, atH) * lot.shrink;
  const felt = feel(base, lot, sds);
  const slopes = felt.slopes[key];
  if (slopes === null) return null;
  const inputSd = lengthOf(slopes);
  const along = (z: number) => lot.run(alongGradient(slopes, inputSd, z, sds));
  const [early, late] = [along(-EIGHTY_PERCENT), along(EIGHTY_PERCENT)];
  const [first, last] = [lot.read(early), lot.read(late)];
  const band = (moment: Moment): HourBand =>
    between(
      { at: base[moment], early: first[moment], late: last[moment] },
      { sides: felt.sides[moment], isKey: moment === key },
    );
  return {
    opensH: band('opensH'),
    bestH: band('bestH'),
    closesH: band('closesH'),
    lnSd: inputSd,
    early,
    late,
  };
}

/** How far ln t of a moment moves for one sd of each input; null where some of the runs do not get there. */
type Slopes = Record<keyof Doubt, number> | null;
/** How far all inputs together move ln t of a moment at the edges of the band, either way. */
type Sides = { early: number; late: number } | null;
/** What moving each input does to each moment. */
interface Felt {
  readonly slopes: Record<Moment, Slopes>;
  readonly sides: Record<Moment, Sides>;
}

/** The slopes of every moment, from one run a little up and one a little down for each input. */
function feel(base: RipeWindow, lot: DoubtfulLot, sds: (input: keyof Doubt) => number): Felt {
  const felt: Record<Moment, Slopes> = { opensH: null, bestH: null, closesH: null };
  const sides: Record<Moment, Sides> = { opensH: null, bestH: null, closesH: null };
  for (const moment of MOMENTS) {
    if (base[moment] === null) continue;
    felt[moment] = { ...NOTHING };
    sides[moment] = { early: 0, late: 0 };
  }
  for (const input of INPUTS) {
    const up = readAt(lot, { ...NOTHING, [input]: FEEL * sds(input) });
    const down = readAt(lot, { ...NOTHING, [input]: -FEEL * sds(input) });
    for (const moment of MOMENTS) {
      const [late, early, slopes] = [up[moment], down[moment], felt[moment]];
      const [at, side] = [base[moment], sides[moment]];
      if (slopes === null || side === null || at === null) continue;
      if (late === null || early === null || late <= 0 || early <= 0) {
        felt[moment] = null;
        sides[moment] = null;
        continue;
      }
      slopes[input] = (Math.log(late) - Math.log(early)) / (2 * FEEL);
      const [a, b] = [Math.log(late / at), Math.log(early / at)];
      side.late = Math.hypot(side.late, Math.max(0, a, b));
      side.early = Math.hypot(side.early, Math.max(0, -a, -b));
    }
  }
  return { slopes: felt, sides };
}

const lengthOf = (slopes: Record<keyof Doubt, number>): number =>
  Math.sqrt(INPUTS.reduce((sum, input) => sum + slopes[input] ** 2, 0));

function readAt(lot: DoubtfulLot, by: Record<keyof Doubt, number>): RipeWindow {
  return lot.read(lot.run(moved(by)));
}

/**
 * A doubt drawn at random, every input on its own.
 * @param atH hours to the moment that is asked for
 */
export function drawDoubt(lot: DoubtfulLot, atH: number, normal: () => number): Doubt {
  const by = { ...NOTHING };
  for (const input of INPUTS) by[input] = normal() * sdOf(input, lot, atH) * lot.shrink;
  return moved(by);
}

/** The most likely doubt that makes ln t differ by `z` sd. */
function alongGradient(
  slopes: Record<keyof Doubt, number>,
  sd: number,
  z: number,
  sdOfInput: (input: keyof Doubt) => number,
): Doubt {
  const by = { ...NOTHING };
  if (sd > 0) {
    for (const input of INPUTS) {
      by[input] = (z * slopes[input] * sdOfInput(input)) / sd;
    }
  }
  return moved(by);
}

/**
 * The band of a moment by how far the inputs together move it each way; the moment whose gradient was probed lies midway
 * between that and its probe runs; where some do not get there, there are the probe runs alone.
 */
function between(
  { at, early, late }: Readonly<Record<'at' | 'early' | 'late', number | null>>,
  { sides, isKey }: { readonly sides: Sides; readonly isKey: boolean },
): HourBand {
  if (at === null || early === null || late === null) return null;
  const [first, last] = [Math.min(early, late, at), Math.max(early, late, at)];
  if (sides === null) return [first, last];
  const [from, to] = [at * Math.exp(-sides.early), at * Math.exp(sides.late)];
  return isKey ? [Math.sqrt(from * first), Math.sqrt(to * last)] : [from, to];
}
