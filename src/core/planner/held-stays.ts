import { tr } from '@/words/tr';
import { usualHours, type Stay } from '../methods';
import { hoursToBalls, mixClock } from '../mixing';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { batchesOf } from './drafted';
import { heldAt, type HeldHour, type HourOf } from './hour-of';
import type { MethodRequest, NoMethodPlan } from './method-request';

/** One held hour put into a request; a refusal where it can not be kept. */
export type Step = (
  request: MethodRequest,
  held: readonly HeldHour[],
) => MethodRequest | NoMethodPlan;

/** A plan that can not be, with the reason. */
export const refused = (says: string): NoMethodPlan => ({
  kind: 'infeasible',
  because: 'a step can not be',
  says,
  earliestReadyMs: null,
});

const mixingHours = (request: MethodRequest) =>
  hoursToBalls(request.method, batchesOf(request)) - usualHours(request.method.bulk);

/** The bulk made as long as a held hour of dividing asks. */
export const heldBulk: Step = (request, held) => {
  const { method } = request;
  const { mixAtMs } = request.held;
  const ballAtMs = heldAt(held, { kind: 'ball' });
  const inside = staysHeld(held, method.bulk, (index) => ({ kind: 'bulk stay', index }));
  if (mixAtMs === undefined || (ballAtMs === undefined && inside.size === 0)) return request;
  const batches = batchesOf(request);
  const { outMin, foldsMin } = mixClock(method.mix, batches);
  const fromMs = mixAtMs + outMin * MS_PER_MINUTE;
  const mixingH = mixingHours(request);
  // Clocks are told in five minutes: the bulk is counted from the bowl as the clock has it.
  const overMs = addHours(mixAtMs, mixingH) - fromMs;
  const asked = new Map(inside);
  if (ballAtMs !== undefined) asked.set(method.bulk.length, ballAtMs - overMs);
  const hours = heldStays(fromMs, method.bulk, asked);
  if (hours === null) {
    return refused(tr`Bulk: its places follow one another between the mix and the balls.`);
  }
  const wholeH = hours.reduce((sum, one) => sum + one, 0);
  if (wholeH * 60 < foldsMin - 1e-6) {
    return refused(
      tr`Balls: the folds take ${foldsMin} min from the bowl on. Hold them later, or fold less.`,
    );
  }
  return { ...request, method: { ...method, bulk: lasting(method.bulk, hours) } };
};

/** The stays of the balls made as long as held hours ask. */
export const heldBalls: Step = (request, held) => {
  const { method, readyFromMs, waves } = request;
  const inside = staysHeld(held, method.balls, (index) => ({ kind: 'balls stay', index }));
  if (inside.size === 0) return request;
  const stays = waves?.[0]?.stays ?? method.balls;
  const readyMs = waves?.[0]?.fromMs ?? readyFromMs;
  const { mixAtMs } = request.held;
  const laterH = usualHours(stays.slice(1));
  const ballAtMs =
    mixAtMs === undefined
      ? Math.min(addHours(readyMs, -laterH), ...inside.values()) - 1
      : addHours(mixAtMs, hoursToBalls(method, batchesOf(request)));
  // Counted back from the service: the first place takes what is over.
  const counted = [
    { ...stays[0], hours: hoursBetween(ballAtMs, readyMs) - laterH } as Stay,
    ...stays.slice(1),
  ];
  const asked = new Map(inside).set(stays.length, readyMs);
  const hours = heldStays(ballAtMs, counted, asked);
  if (hours === null) {
    return refused(tr`Balls: they go from place to place between the balling and the service.`);
  }
  const last = (all: readonly Stay[]) =>
    all.map((stay, index) =>
      index === 0 ? stay : { ...stay, ...exactly(hours[index] as number) },
    );
  // Turns that follow come out by as much sooner or later as the first.
  const moved = waves?.map((wave) => ({
    ...wave,
    stays: wave.stays.map((stay, index) => {
      const byH = (hours[index] as number) - (stays[index] as Stay).hours;
      return index === 0 ? stay : { ...stay, ...exactly(Math.max(0, stay.hours + byH)) };
    }),
  }));
  return {
    ...request,
    method: { ...method, balls: last(method.balls) },
    ...(moved === undefined ? {} : { waves: moved }),
  };
};

/** The stays whose beginning is held, by their place in the list. */
export function staysHeld(
  held: readonly HeldHour[],
  stays: readonly Stay[],
  of: (index: number) => HourOf,
): Map<number, number> {
  const found = new Map<number, number>();
  stays.forEach((_, index) => {
    const atMs = heldAt(held, of(index));
    if (index > 0 && atMs !== undefined) found.set(index, atMs);
  });
  return found;
}

/**
 * Hours of stays in a row of which some beginnings are held (by place in the list; that of the list’s length is its end): the
 * others stay where they were, and give way where one held would come before or after them. Null where those that are held
 * stand in another order.
 */
export function heldStays(
  fromMs: number,
  stays: readonly Stay[],
  held: ReadonlyMap<number, number>,
): number[] | null {
  const edges = [fromMs];
  for (const { hours } of stays) edges.push(addHours(edges.at(-1) as number, hours));
  for (const [index, atMs] of held) edges[index] = atMs;
  const isFree = (index: number) => index > 0 && !held.has(index);
  for (let i = 1; i < edges.length; i += 1) {
    if (isFree(i)) edges[i] = Math.max(edges[i] as number, edges[i - 1] as number);
  }
  for (let i = edges.length - 2; i > 0; i -= 1) {
    if (isFree(i)) edges[i] = Math.min(edges[i] as number, edges[i + 1] as number);
  }
  const hours = stays.map((_, i) => hoursBetween(edges[i] as number, edges[i + 1] as number));
  return hours.every((one) => one >= 0) ? hours : null;
}

const exactly = (hours: number) => ({ hours, leastH: hours, mostH: hours });

/** Stays with hours of their own. */
export const lasting = (stays: readonly Stay[], hours: readonly number[]): Stay[] =>
  stays.map((stay, index) => ({ ...stay, ...exactly(hours[index] as number) }));
