import { tr, word } from '@/words/tr';
import type { LotForecast } from '../forecast';
import { hoursRange, usualHours } from '../methods';
import { hoursToBalls } from '../mixing';
import { addHours } from '../units';
import { edge, first, last, workEdge, type Edge } from './hour-edges';
import type { MethodPlan, MethodRequest } from './method-request';

/** What an hour rests on. */
export type Ground =
  | { readonly kind: 'pinned' }
  | {
      readonly kind: 'window';
      readonly name: string;
      readonly opensMs: number | null;
      readonly bestMs: number | null;
      readonly closesMs: number | null;
      /** When it is wanted: the mix, or the first ball baked. */
      readonly wantedMs: number;
    }
  | {
      readonly kind: 'dose';
      readonly byYeast: boolean;
      /** Fresh yeast, or seed, over its flour. */
      readonly share: number;
      readonly typed: boolean;
      readonly hours: number;
    }
  | { readonly kind: 'after the mix'; readonly mixMin: number; readonly bulkH: number }
  | { readonly kind: 'before the mix'; readonly minutes: number };

/** An hour of a plan with what it rests on, and how far it could be moved with all else as it is. */
export interface HourReason {
  readonly what: 'feed' | 'leaven' | 'soak' | 'mix' | 'ball' | 'out';
  /** The leaven it is of; null for the dough’s own hours. */
  readonly name: string | null;
  readonly atMs: number;
  readonly grounds: readonly Ground[];
  /** Null where nothing is in the way, or where it stands outside of what would be allowed (a remark says so). */
  readonly earliest: Edge | null;
  readonly latest: Edge | null;
}

/** Why the mix is at its hour. */
export function mixReason(plan: MethodPlan, request: MethodRequest): HourReason {
  const { mixAtMs: atMs, method, ballAtMs } = plan;
  const { readyFromMs } = request;
  const built = plan.leavens.filter((one) => one.atMs !== null);
  const mixingH = hoursToBalls(method, plan.batches) - usualHours(method.bulk);
  const bulk = hoursRange(method.bulk);
  const balls = hoursRange(method.balls);
  const furthestH = mixingH + bulk.mostH + balls.mostH;
  const nearestH = mixingH + bulk.leastH + balls.leastH;
  // Balls that wait in the cold take up what the mix moves by; balls that rise on the bench move with it.
  const warm = method.balls.length < 2 ? plan.balls.window : { opensMs: null, closesMs: null };
  // In turns, the balls that rise on the bench are those of the first.
  const servedToMs = plan.waves?.[0]?.toMs ?? request.readyToMs;
  const { opensMs, closesMs } = warm;
  const ballWork = (side: 'from' | 'to') => {
    const found = workEdge(ballAtMs, request, side, word('ball'));
    return found === null ? null : { ...found, atMs: found.atMs - (ballAtMs - atMs) };
  };
  return {
    what: 'mix',
    name: null,
    atMs,
    grounds: [
      ...pinned(request.held.mixAtMs),
      ...built.map((one) => windowGround(one.name, one.forecast, atMs)),
      windowGround(tr`Balls`, plan.balls, plan.waves?.[0]?.fromMs ?? readyFromMs),
    ],
    earliest: last(atMs, [
      { atMs: request.nowMs, limit: { kind: 'now' } },
      ...built.map(({ name, forecast }) =>
        edge(forecast.window.opensMs, { kind: 'not ripe', name }),
      ),
      stayEdge(
        addHours(readyFromMs, -furthestH),
        'longest',
        word('bulk and balls'),
        bulk.mostH + balls.mostH,
      ),
      edge(closesMs === null ? null : atMs - (closesMs - servedToMs), {
        kind: 'balls slack',
      }),
      workEdge(atMs, request, 'from', word('mix')),
      ballWork('from'),
    ]),
    latest: first(atMs, [
      ...built.map(({ name, forecast }) =>
        edge(forecast.window.closesMs, { kind: 'gone over', name }),
      ),
      stayEdge(
        addHours(readyFromMs, -nearestH),
        'shortest',
        word('bulk and balls'),
        bulk.leastH + balls.leastH,
      ),
      edge(opensMs === null ? null : atMs + (readyFromMs - opensMs), { kind: 'balls late' }),
      workEdge(atMs, request, 'to', 'mix'),
      ballWork('to'),
    ]),
  };
}

/** An edge that the hours of a stay set: at its longest or its shortest. */
export const stayEdge = (
  atMs: number,
  kind: 'longest' | 'shortest',
  of: string,
  hours: number,
): Edge => ({
  atMs,
  limit: { kind, of, hours },
});

/** The ground of an hour that a baker held. */
export const pinned = (heldMs: number | undefined): Ground[] =>
  heldMs === undefined ? [] : [{ kind: 'pinned' }];

/** The ground of a window: where the wanted instant, ms, lies in it. */
export function windowGround(name: string, { window }: LotForecast, wantedMs: number): Ground {
  const { opensMs, bestMs, closesMs } = window;
  return { kind: 'window', name, opensMs, bestMs, closesMs, wantedMs };
}
