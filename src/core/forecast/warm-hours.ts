import { BOOK_MODEL, cardinalResponse, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { hoursBetween } from '../units';
import type { RunLot } from './start-state';

/** A room in which the rules of the trade are told, °C: an hour in it counts as one. */
const ROOM_C = 22;

/** How far yeast gets in an hour at a temperature, against an hour in a room: its gas, from the model’s own response. */
function paceAt(tempC: number): number {
  const { gasBLo: lo, gasBOp: op, gasBHi: hi, tempExponent } = BOOK_MODEL;
  const of = (one: number) => cardinalResponse(one, { lo, op, hi }, tempExponent);
  return of(tempC) / of(ROOM_C);
}

const summed = new WeakMap<Trajectory, Float64Array>();

/** Hours in a room that a run comes to at each of its instants. */
function runHours(run: Trajectory): Float64Array {
  const known = summed.get(run);
  if (known !== undefined) return known;
  const sums = new Float64Array(run.length);
  for (let row = 1; row < run.length; row += 1) {
    const tempC = run.states[row * STATE_SIZE + X.coreC] ?? ROOM_C;
    const lengthH = (run.hours[row] ?? 0) - (run.hours[row - 1] ?? 0);
    sums[row] = (sums[row - 1] ?? 0) + lengthH * paceAt(tempC);
  }
  summed.set(run, sums);
  return sums;
}

/**
 * Hours in a room that the time from an instant to another comes to for a lot: a night in the cold is a few of them. Doubt of
 * how fast a lot is is a share of these, not of hours on the clock.
 * @param fromMs when it was mixed; hours before the lot was made of its dough count as in a room
 */
export function warmHours({ run, story }: RunLot, fromMs: number, atMs: number): number {
  const before = hoursBetween(fromMs, story.startMs);
  const hour = hoursBetween(story.startMs, atMs);
  if (hour <= 0 || run.length < 2) return before + hour;
  const sums = runHours(run);
  const row = rowAt(run, hour);
  const [h0, h1] = [run.hours[row - 1] ?? 0, run.hours[row] ?? 0];
  const [s0, s1] = [sums[row - 1] ?? 0, sums[row] ?? 0];
  // Past its end a run goes on as it went last.
  const slope = h1 > h0 ? (s1 - s0) / (h1 - h0) : 1;
  return before + s0 + slope * (hour - h0);
}

/** The first row at or after an hour, the last one after the end; at least 1. */
function rowAt({ hours, length }: Trajectory, hour: number): number {
  let low = 1;
  let high = length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((hours[middle] ?? 0) < hour) low = middle + 1;
    else high = middle;
  }
  return low;
}
