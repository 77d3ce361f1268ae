import { tr } from '@/words/tr';
import { soakOf, usualHours, type Method, type Moment, type Stay } from '../methods';
import { hoursToBalls, mixClock, soakBefore } from '../mixing';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { batchesOf } from './drafted';
import { heldAt, type HeldHour, type HourOf } from './hour-of';
import type { MethodRequest, NoMethodPlan } from './method-request';

/**
 * A request whose method has its stays, soak and moments at the hours that the baker holds; what is not held stays where it
 * stood and gives way where it must. A ball held without its mix takes the mix along. What can not be at its hour is refused.
 */
export function withHeldHours(request: MethodRequest): MethodRequest | NoMethodPlan {
  const held = request.held.hours ?? [];
  if (held.length === 0) return request;
  const mixed = withMixOf(request, held);
  return [heldSoak, heldBulk, heldBalls, heldLeavens, heldMoments].reduce<
    MethodRequest | NoMethodPlan
  >((asked, step) => ('kind' in asked ? asked : step(asked, held)), mixed);
}

/** The stays of a plan with the ranges that their method gives them: an hour that is held narrows nothing for later. */
export function rangesBack(planned: Method, before: Method): Method {
  const back = (stays: readonly Stay[], was: readonly Stay[] | undefined) =>
    stays.map((stay, index) => {
      const { leastH = stay.leastH, mostH = stay.mostH } = was?.[index] ?? {};
      return {
        ...stay,
        leastH: Math.min(leastH, stay.hours),
        mostH: Math.max(mostH, stay.hours),
      };
    });
  const leavenStays = Object.entries(planned.leavenStays).map(
    ([id, stays]) => [id, back(stays, before.leavenStays[id])] as const,
  );
  return {
    ...planned,
    bulk: back(planned.bulk, before.bulk),
    balls: back(planned.balls, before.balls),
    leavenStays: Object.fromEntries(leavenStays),
  };
}

type Step = (request: MethodRequest, held: readonly HeldHour[]) => MethodRequest | NoMethodPlan;

const refused = (says: string): NoMethodPlan => ({
  kind: 'infeasible',
  because: 'a step can not be',
  says,
  earliestReadyMs: null,
});

const mixingHours = (request: MethodRequest) =>
  hoursToBalls(request.method, batchesOf(request)) - usualHours(request.method.bulk);

/** A ball that is held alone: the mix comes before it by the hours that the method has for it. */
function withMixOf(request: MethodRequest, held: readonly HeldHour[]): MethodRequest {
  const ballAtMs = heldAt(held, { kind: 'ball' });
  if (ballAtMs === undefined || request.held.mixAtMs !== undefined) return request;
  const mixAtMs = addHours(ballAtMs, -hoursToBalls(request.method, batchesOf(request)));
  return { ...request, held: { ...request.held, mixAtMs } };
}

const heldSoak: Step = (request, held) => {
  const { method } = request;
  const { mixAtMs } = request.held;
  const atMs = heldAt(held, { kind: 'soak' });
  const { autolyse } = method.mix;
  const soak = mixAtMs === undefined ? null : soakBefore(method.mix, mixAtMs);
  if (atMs === undefined || mixAtMs === undefined || soak === null || autolyse === null) {
    return request;
  }
  const minutes = (mixAtMs - atMs) / MS_PER_MINUTE - soak.handsMin;
  const mix = { ...method.mix, autolyse: { ...autolyse, minutes } };
  if (minutes <= 0 || soakOf(mix) === null) {
    return refused(tr`Soak: it is too near to the mix to be a soak of its own. Hold it earlier.`);
  }
  return { ...request, method: { ...method, mix } };
};

const heldBulk: Step = (request, held) => {
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

const heldBalls: Step = (request, held) => {
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

const heldLeavens: Step = (request, held) => {
  const { method } = request;
  const found: Record<string, Stay[]> = { ...method.leavenStays };
  for (const [leavenId, stays] of Object.entries(method.leavenStays)) {
    const fromMs = request.held.leavenAtMs?.[leavenId];
    const inside = staysHeld(held, stays, (index) => ({ kind: 'leaven stay', leavenId, index }));
    if (fromMs === undefined || inside.size === 0) continue;
    const { mixAtMs } = request.held;
    const asked = mixAtMs === undefined ? inside : new Map(inside).set(stays.length, mixAtMs);
    const hours = heldStays(fromMs, stays, asked);
    if (hours === null) {
      const name = method.dough.leavens.find((one) => one.id === leavenId)?.name ?? tr`Leaven`;
      return refused(tr`${name}: it goes from place to place between its making and the mix.`);
    }
    found[leavenId] = lasting(stays, hours);
  }
  return { ...request, method: { ...method, leavenStays: found } };
};

const heldMoments: Step = (request, held) => {
  const { mixAtMs } = request.held;
  if (mixAtMs === undefined) return request;
  const method = withBalledAgain(request, held);
  const ballAtMs = addHours(mixAtMs, hoursToBalls(method, batchesOf(request)));
  const anchorMs = { mix: mixAtMs, balls: ballAtMs, service: request.readyFromMs };
  const late = method.moments.find((_, index) => {
    const atMs = heldAt(held, { kind: 'moment', index });
    return atMs !== undefined && (atMs <= mixAtMs || atMs > request.readyToMs);
  });
  if (late !== undefined) {
    return refused(tr`${late.name}: it comes after the mix, and before the service is over.`);
  }
  const moments = method.moments.map((moment, index) => {
    const atMs = heldAt(held, { kind: 'moment', index });
    if (atMs === undefined) return moment;
    return { ...moment, afterMin: (atMs - anchorMs[moment.from]) / MS_PER_MINUTE };
  });
  return { ...request, method: { ...method, moments } };
};

/** Balls that are balled again half-way by themselves: at the hour that is held, a moment as any other. */
function withBalledAgain(request: MethodRequest, held: readonly HeldHour[]): Method {
  const { method } = request;
  const { mixAtMs } = request.held;
  const atMs = heldAt(held, { kind: 'ball again' });
  if (atMs === undefined || mixAtMs === undefined || !method.reball) return method;
  const ballAtMs = addHours(mixAtMs, hoursToBalls(method, batchesOf(request)));
  const again: Moment = {
    name: tr`Ball again`,
    from: 'balls',
    afterMin: (atMs - ballAtMs) / MS_PER_MINUTE,
    handsMin: 0,
    work: 'ball again',
  };
  return { ...method, reball: false, moments: [...method.moments, again] };
}

/** The stays whose beginning is held, by their place in the list. */
function staysHeld(
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
function heldStays(
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

const lasting = (stays: readonly Stay[], hours: readonly number[]): Stay[] =>
  stays.map((stay, index) => ({ ...stay, ...exactly(hours[index] as number) }));
