import { hoursRange, usualHours, type Method, type Stay } from '../methods';
import { hoursToBalls } from '../mixing';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { batchesOf } from './drafted';
import type { MethodRequest } from './method-request';

/** A shift that is smaller is none, h. */
export const LEAST_SHIFT_H = 0.15;
const FIVE_MIN_MS = 5 * MS_PER_MINUTE;

/**
 * The request of a bake whose balls shall be ready so many hours earlier in their window: its mix comes so much later, bulk
 * and balls within the hours that the method allows; where balls wait in the cold, they temper so much less instead. Null
 * where the hours do not allow it.
 * @param mixAtMs the mix as it is
 * @param balls the stays of the balls as they are planned
 * @param shiftH hours; below 0: the mix comes earlier
 */
export function mixedLater(
  request: MethodRequest,
  mixAtMs: number,
  balls: readonly Stay[],
  shiftH: number,
): MethodRequest | null {
  if (Math.abs(shiftH) < LEAST_SHIFT_H) return null;
  const held = { ...request.held, mixAtMs };
  const last = balls.at(-1);
  if (last !== undefined && balls.length > 1) {
    const hours = within(last.hours - shiftH, last);
    if (Math.abs(hours - last.hours) < LEAST_SHIFT_H) return null;
    const tempered = [...balls.slice(0, -1), { ...last, hours }];
    return { ...request, method: { ...request.method, balls: tempered }, held };
  }
  const laterMs = asFarAsAllowed(request, addHours(mixAtMs, shiftH));
  if (Math.abs(hoursBetween(mixAtMs, laterMs)) < LEAST_SHIFT_H) return null;
  return filled({ ...request, held: { ...held, mixAtMs: laterMs } }, laterMs);
}

/** The hour of a mix that bulk and balls can fill to the service, the nearest one to that wanted. */
function asFarAsAllowed(request: MethodRequest, wantedMs: number): number {
  const { method, readyFromMs } = request;
  const mixingH = hoursToBalls(method, batchesOf(request)) - usualHours(method.bulk);
  const bulk = hoursRange(method.bulk);
  const balls = hoursRange(method.balls);
  const first = addHours(readyFromMs, -mixingH - bulk.mostH - balls.mostH) / FIVE_MIN_MS;
  const last = addHours(readyFromMs, -mixingH - bulk.leastH - balls.leastH) / FIVE_MIN_MS;
  const wanted = Math.round(wantedMs / FIVE_MIN_MS);
  return Math.max(Math.ceil(first), Math.min(Math.floor(last), wanted)) * FIVE_MIN_MS;
}

const within = (hours: number, { leastH, mostH }: Stay) =>
  Math.round(12 * Math.max(leastH, Math.min(mostH, hours))) / 12;

/** A request whose bulk and balls fill the hours from a mix to the service as the method allows; null where they can not. */
function filled(request: MethodRequest, mixAtMs: number): MethodRequest | null {
  const { method, readyFromMs } = request;
  const toServiceH = hoursBetween(mixAtMs, readyFromMs);
  const mixingH = hoursToBalls(method, batchesOf(request)) - usualHours(method.bulk);
  const { leastH, mostH } = hoursRange(method.balls);
  const bulkH = usualHours(method.bulk);
  // What the balls can not take, the bulk does.
  const wantedH = Math.max(
    toServiceH - mixingH - mostH,
    Math.min(bulkH, toServiceH - mixingH - leastH),
  );
  const bulk = stretched(method.bulk, wantedH);
  if (bulk === null) return null;
  return { ...request, method: { ...method, bulk } satisfies Method };
}

/** Stays that together take so many hours, each within its own; null where they can not. */
function stretched(stays: readonly Stay[], hours: number): Stay[] | null {
  const { leastH, mostH } = hoursRange(stays);
  if (hours < leastH - 1e-6 || hours > mostH + 1e-6) return null;
  let left = hours - usualHours(stays);
  return stays.map((stay) => {
    const taken = Math.max(stay.leastH, Math.min(stay.mostH, stay.hours + left));
    left -= taken - stay.hours;
    return { ...stay, hours: taken };
  });
}
