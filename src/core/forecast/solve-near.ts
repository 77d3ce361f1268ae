import type { SearchRange } from './invert';

/** How many hours sooner a mass is best for e times its dose: yeast takes as long to grow so many times over in a room. */
const USUAL_SLOPE_H = -3.5;
/** What is believed of it, over the wanted hours. */
const SLOPE_RANGE = { least: -4, most: -0.08 } as const;
/** Most that one guess changes a dose by, in its logarithm. */
const MOST_STEP = 1.2;
const MOST_GUESSES = 16;
/** As near as this, over the wanted hours, the rest follows: by how the last two guesses differed, or by how yeast usually grows. */
const NEAR = { measured: 0.03, usual: 0.006 } as const;
/** As near as this, what was found before tells all. */
const TOLD_ALL = 0.015;
/** What is not best within its run is taken to be best at twice the wanted hour. */
const BEYOND = 1;
/** Doses nearer to each other do not tell how much sooner more of it comes, in their logarithm. */
const LEAST_APART = 0.02;
/** Doses as near to each other as this are one, in their logarithm. */
const LEAST_WIDTH = 1e-6;

/** A dose found from a guess, with what the next one for about the same hours is sought by. */
export interface Sought {
  readonly value: number;
  /** The hours for which it was found; null where the range did not go as far. */
  readonly forH: number | null;
  /** By how many hours e times of it comes sooner: below 0. */
  readonly slopeH: number;
  /** It is as near as can be told, not only as near as was asked. */
  readonly isNear: boolean;
  /** The last dose that was tried, and the hour at which that was best. */
  readonly tried: { readonly value: number; readonly bestH: number } | null;
}

/** Where a dose is sought: its range, what it is sought from, and how near to the wanted hours will do, over them. */
export interface SoughtFrom extends Omit<SearchRange, 'linear'> {
  readonly near: Sought | number;
  readonly roughly?: number | undefined;
}

/** A guess: a dose in its logarithm, and by how much it is late, over the wanted hours. */
interface Guess {
  readonly x: number;
  readonly y: number;
}

/**
 * As {@link solveHours}, from a guess: a dose near to it at which a mass is best at a wanted hour, or the bound where there is
 * none on the way. While yeast multiplies, the hour falls by the same for every doubling of the dose: the secant in the
 * logarithm of the dose is there after three runs as a rule, and after one where it was sought before for about that hour.
 * @param hours hour of the best at a dose, or null where it is not best within the run
 */
export function solveHoursNear(
  hours: (value: number) => number | null,
  from: SoughtFrom,
  wantedH: number,
): Sought {
  const told = typeof from.near === 'number' ? null : from.near;
  const all = told === null ? null : toldAll(told, from, wantedH);
  if (all !== null) return all;
  const guessed = (x: number): Guess => {
    const bestH = hours(Math.exp(x));
    return { x, y: bestH === null ? BEYOND : bestH / wantedH - 1 };
  };
  const between = new Between(from);
  let at = guessed(between.inside(firstX(from.near, wantedH)));
  let measured = slopeOf(triedBefore(told, wantedH), at);
  let slope = measured ?? slopeBefore(told, wantedH);
  for (let guess = 1; guess < MOST_GUESSES && !isFound(at, measured, from); guess += 1) {
    const next = between.next(at, slope);
    if (next === null) break;
    const before = at;
    at = guessed(next);
    measured = slopeOf(before, at);
    slope = measured ?? slope;
  }
  const x = isFound(at, measured, from) ? at.x - at.y / slope : null;
  return {
    value: Math.exp(between.inside(x ?? at.x)),
    forH: x === null ? null : wantedH,
    ...toldBy(at, slope, wantedH),
  };
}

/** What a last guess tells the next search. */
const toldBy = ({ x, y }: Guess, slope: number, wantedH: number) => ({
  slopeH: slope * wantedH,
  isNear: Math.abs(y) <= NEAR.measured,
  tried: y === BEYOND ? null : { value: Math.exp(x), bestH: (y + 1) * wantedH },
});

/** True where what is left to the wanted hours follows from a guess, or is as little as was asked. */
function isFound({ y }: Guess, measured: number | null, { roughly = 0 }: SoughtFrom): boolean {
  return Math.abs(y) <= Math.max(roughly, measured === null ? NEAR.usual : NEAR.measured);
}

const slopeBefore = (told: Sought | null, wantedH: number) =>
  clamped((told?.slopeH ?? USUAL_SLOPE_H) / wantedH, SLOPE_RANGE);

const firstX = (near: SoughtFrom['near'], wantedH: number) =>
  typeof near === 'number' ? Math.log(near) : toldFor(near, wantedH);

/** Doses between one that is too slow and one that is too fast, in their logarithm: at first the bounds, which nobody tried. */
class Between {
  private readonly range: { readonly least: number; readonly most: number };
  private low: number;
  private high: number;
  private lowTried = false;
  private highTried = false;

  constructor({ least, most }: Pick<SearchRange, 'least' | 'most'>) {
    this.range = { least: Math.log(least), most: Math.log(most) };
    this.low = this.range.least;
    this.high = this.range.most;
  }

  inside(x: number): number {
    return clamped(x, this.range);
  }

  /** The next dose to try after a guess; null where there is none between. */
  next({ x, y }: Guess, slope: number): number | null {
    if (y > 0) [this.low, this.lowTried] = [x, true];
    else [this.high, this.highTried] = [x, true];
    if (this.high - this.low < LEAST_WIDTH) return null;
    const next = x - clamped(y / slope, { least: -MOST_STEP, most: MOST_STEP });
    if (next <= this.low) return this.lowTried ? (x + this.low) / 2 : this.low;
    if (next >= this.high) return this.highTried ? (x + this.high) / 2 : this.high;
    return next;
  }
}

/** What was tried before, as a guess for other hours. */
function triedBefore(told: Sought | null, wantedH: number): Guess | null {
  if (told === null || told.tried === null) return null;
  return { x: Math.log(told.tried.value), y: told.tried.bestH / wantedH - 1 };
}

/** How much sooner e times a dose comes, by two guesses; null where they are too near, or one does not tell by how much it is late. */
function slopeOf(one: Guess | null, other: Guess): number | null {
  if (one === null || one.y === BEYOND || other.y === BEYOND) return null;
  if (Math.abs(other.x - one.x) < LEAST_APART) return null;
  return clamped((other.y - one.y) / (other.x - one.x), SLOPE_RANGE);
}

/** A dose for nearly the hours that another was found for; null where they are too far apart. */
function toldAll(near: Sought, { least, most }: SoughtFrom, wantedH: number): Sought | null {
  if (near.forH === null || !near.isNear) return null;
  if (Math.abs(near.forH - wantedH) > TOLD_ALL * wantedH) return null;
  const value = clamped(Math.exp(toldFor(near, wantedH)), { least, most });
  return { ...near, value, forH: wantedH };
}

/** The dose that one found before makes likely for other hours, in its logarithm. */
const toldFor = ({ value, forH, slopeH }: Sought, wantedH: number) =>
  Math.log(value) + (forH === null ? 0 : (wantedH - forH) / slopeH);

const clamped = (value: number, { least, most }: { least: number; most: number }) =>
  Math.max(least, Math.min(most, value));
