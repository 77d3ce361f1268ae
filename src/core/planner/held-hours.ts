import { tr } from '@/words/tr';
import { soakOf, type Method, type Moment, type Stay } from '../methods';
import { hoursToBalls, soakBefore } from '../mixing';
import { addHours, MS_PER_MINUTE } from '../units';
import { batchesOf } from './drafted';
import { heldAt, type HeldHour } from './hour-of';
import type { MethodRequest, NoMethodPlan } from './method-request';
import {
  type Step,
  refused,
  heldBulk,
  heldBalls,
  staysHeld,
  heldStays,
  lasting,
} from './held-stays';

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
