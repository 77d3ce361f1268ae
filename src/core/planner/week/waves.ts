import { setTempC } from '../../forecast';
import { usualHours, type Stay } from '../../methods';
import { addHours, hoursBetween } from '../../units';
import type { MethodPlan, MethodRequest } from '../method-request';
import type { Wave } from '../plan-parts';
import { planMethod } from '../plan-method';
import {
  colderPlaces,
  inFives,
  LEAST_WARM_H,
  MOST_WAVES,
  turnsIn,
  WAVE_TURNS,
  waveHours,
} from '../wave-rules';
import { ballsUntil, sittingsOf, type Demand } from './demand';

const CLOSE_H = 0.08;
/** Balls open so long before their turn as a rule, h, and never less than the least. */
const MOST_EARLY_H = 1;
const LEAST_EARLY_H = 0.1;

/** The hours of a service and how many balls it wants of each. */
export type Service = Pick<Demand, 'readyFromMs' | 'readyToMs' | 'balls' | 'perHour'>;

/**
 * The same plan with its balls in waves, so that they are ready throughout the service: each wave waits in the cold and
 * comes out so that it opens for its own part. The plan itself where one wave will do, or nothing is cold enough.
 */
export function inWaves(
  plan: MethodPlan,
  request: MethodRequest,
  demand: Service,
  coldId: string,
): MethodPlan {
  const waves = firstWaves(plan, demand, coldId);
  if (waves === null) return plan;
  let asked: MethodRequest = { ...withHeld(plan, request), waves };
  let found = plan;
  for (let turn = 0; turn < WAVE_TURNS; turn += 1) {
    const next = planMethod(asked);
    if (next.kind !== 'plan') return plan;
    found = next;
    const better = timed(asked.waves ?? [], next);
    if (better === null) break;
    asked = { ...asked, waves: better };
  }
  return found;
}

/** A request with everything held that a plan found. */
export function withHeld(plan: MethodPlan, request: MethodRequest): MethodRequest {
  const leavenAtMs = Object.fromEntries(
    plan.leavens.flatMap((one) => (one.atMs === null ? [] : [[one.leavenId, one.atMs] as const])),
  );
  return {
    ...request,
    method: plan.method,
    solved: { refreshments: plan.refreshments },
    held: { mixAtMs: plan.mixAtMs, leavenAtMs },
  };
}

function firstWaves(plan: MethodPlan, demand: Service, coldId: string): Wave[] | null {
  const { target } = plan.method;
  if (target.by === 'products' && target.products.length > 1) return null;
  const { opensMs, closesMs } = plan.balls.window;
  if (opensMs === null) return null;
  const warmMs = Math.max(opensMs, outOfColdMs(plan, demand));
  const turns = turnsOf(demand, waveHours({ opensMs: warmMs, closesMs }));
  if (turns.length === 1) return null;
  return turns
    .map(({ fromMs, toMs }, i): Wave => {
      const before = Math.round(ballsUntil(demand, fromMs));
      const until = i === turns.length - 1 ? demand.balls : Math.round(ballsUntil(demand, toMs));
      return { count: until - before, stays: staysOf(plan, coldId, fromMs, i), fromMs, toMs };
    })
    .filter((wave) => wave.count > 0);
}

/** When balls that wait in the cold come out of it: hours that they are open in there say nothing of how long they stay so outside. */
function outOfColdMs({ method }: MethodPlan, { readyFromMs }: Service): number {
  const last = method.balls.at(-1);
  return method.balls.length < 2 || last === undefined
    ? -Infinity
    : addHours(readyFromMs, -last.hours);
}

/** The turns of waves: each sitting of a service in as many as its balls stay ready for, a pause between sittings in none. */
function turnsOf(demand: Service, waveH: number): { fromMs: number; toMs: number }[] {
  const sittings = sittingsOf(demand);
  const most = Math.max(1, Math.floor(MOST_WAVES / sittings.length));
  return sittings.flatMap((sitting) => turnsIn(sitting, waveH, most));
}

/** Where balls of a method may wait: their own first place where they have one, else every place that holds them back, the coldest first. */
export function holdingPlaces(stays: readonly Stay[], request: MethodRequest): string[] {
  const last = stays.at(-1);
  const [first] = stays;
  if (last === undefined || first === undefined) return [];
  if (stays.length > 1) return [first.placeId];
  const tempOf = (placeId: string) => {
    const place = request.places.get(placeId);
    return place === undefined ? NaN : setTempC(place, request.readyFromMs);
  };
  return colderPlaces(request.places.keys(), tempOf, tempOf(last.placeId));
}

/** The first wave of balls that rise at room stays as it is; the others wait in the cold until their turn. */
function staysOf(plan: MethodPlan, coldId: string, fromMs: number, index: number): Stay[] {
  const stays = plan.method.balls;
  const last = stays.at(-1) as Stay;
  if (stays.length > 1) return [...stays.slice(0, -1), { ...last }];
  if (index === 0) return [...stays];
  const hours = Math.max(LEAST_WARM_H, hoursBetween(plan.ballAtMs, fromMs));
  const warmH = Math.max(LEAST_WARM_H, inFives(Math.min(hours, usualHours(stays) / 2)));
  const cold: Stay = { placeId: coldId, hours: hours - warmH, leastH: 0, mostH: hours };
  return [cold, { ...last, hours: warmH, leastH: LEAST_WARM_H }];
}

/** Waves whose balls come out earlier or later, so that each opens just before its turn; null where all do. */
function timed(waves: readonly Wave[], plan: MethodPlan): Wave[] | null {
  let moved = false;
  const better = waves.map((wave, index): Wave => {
    const lot = plan.pieces[index];
    const last = wave.stays.at(-1);
    if (lot === undefined || last === undefined || wave.stays.length < 2) return wave;
    const { opensMs, closesMs } = lot.window;
    const mostH = hoursBetween(plan.ballAtMs, wave.fromMs);
    const waveH = hoursBetween(wave.fromMs, wave.toMs);
    const spareH =
      opensMs === null || closesMs === null ? 0 : hoursBetween(opensMs, closesMs) - waveH;
    const earlyH = Math.max(LEAST_EARLY_H, Math.min(MOST_EARLY_H, spareH / 2));
    const lateH = opensMs === null ? mostH : hoursBetween(addHours(wave.fromMs, -earlyH), opensMs);
    const hours = Math.min(mostH, Math.max(LEAST_WARM_H, inFives(last.hours + lateH)));
    if (Math.abs(hours - last.hours) < CLOSE_H) return wave;
    moved = true;
    return { ...wave, stays: [...wave.stays.slice(0, -1), { ...last, hours }] };
  });
  return moved ? better : null;
}
