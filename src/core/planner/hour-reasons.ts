import { tr, word } from '@/words/tr';
import type { LotForecast } from '../forecast';
import { hoursRange, usualHours } from '../methods';
import { hoursToBalls } from '../mixing';
import { addHours, MS_PER_MINUTE } from '../units';
import { edge, first, last, workEdge, type Edge } from './hour-edges';
import { heldAt, type HeldHour } from './hour-of';
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

/** Every hour of a plan with its reasons, in order. Pure: no run is made, the windows are the plan’s own. */
export function hourReasons(plan: MethodPlan, request: MethodRequest): HourReason[] {
  const held = request.held.hours ?? [];
  return [
    ...feedReasons(plan, held),
    ...leavenReasons(plan, request),
    ...soakReasons(plan, held),
    mixReason(plan, request),
    ballReason(plan, request),
    ...outReasons(plan, request),
  ].sort((a, b) => a.atMs - b.atMs);
}

/** Feeds in a row stand where the leaven they lead to puts them. */
function feedReasons(plan: MethodPlan, held: readonly HeldHour[]): HourReason[] {
  return plan.refreshments.map((feed) => {
    const leaven = plan.leavens.find((one) => one.leavenId === feed.leavenId);
    const toMs = leaven?.atMs ?? plan.mixAtMs;
    return {
      what: 'feed',
      name: leaven?.name ?? null,
      atMs: feed.atMs,
      grounds: [
        ...pinned(heldAt(held, { kind: 'feed', leavenId: feed.leavenId, number: feed.number })),
        { kind: 'before the mix', minutes: (toMs - feed.atMs) / MS_PER_MINUTE },
      ],
      earliest: null,
      latest: null,
    };
  });
}

function leavenReasons(plan: MethodPlan, request: MethodRequest): HourReason[] {
  return plan.leavens.flatMap((leaven): HourReason[] => {
    const { atMs, leavenId, name, forecast } = leaven;
    if (atMs === null) return [];
    const made = plan.method.dough.leavens.find((one) => one.id === leavenId)?.made;
    const typed = made !== undefined && made.by !== 'taken' && made.typed === true;
    const hours = (plan.mixAtMs - atMs) / (60 * MS_PER_MINUTE);
    const { leastH, mostH } = hoursRange(plan.method.leavenStays[leavenId] ?? []);
    const { opensMs, closesMs } = forecast.window;
    // A dose that was typed is not found anew: then its window has to reach the mix as it is.
    const byWindow = {
      from: closesMs === null || !typed ? null : atMs - (closesMs - plan.mixAtMs),
      to: opensMs === null || !typed ? null : atMs + (plan.mixAtMs - opensMs),
    };
    const dose: Ground[] =
      leaven.raisedBy === null
        ? []
        : [{ kind: 'dose', byYeast: leaven.byYeast, share: leaven.raisedBy, typed, hours }];
    return [
      {
        what: 'leaven',
        name,
        atMs,
        grounds: [
          ...pinned(request.held.leavenAtMs?.[leavenId]),
          windowGround(name, forecast, plan.mixAtMs),
          ...dose,
        ],
        earliest: last(atMs, [
          { atMs: request.nowMs, limit: { kind: 'now' } },
          stayEdge(addHours(plan.mixAtMs, -mostH), 'longest', name, mostH),
          edge(byWindow.from, { kind: 'gone over', name }),
          workEdge(atMs, request, 'from', name),
        ]),
        latest: first(atMs, [
          stayEdge(addHours(plan.mixAtMs, -leastH), 'shortest', name, leastH),
          edge(byWindow.to, { kind: 'not ripe', name }),
          workEdge(atMs, request, 'to', name),
        ]),
      },
    ];
  });
}

function soakReasons(plan: MethodPlan, held: readonly HeldHour[]): HourReason[] {
  return plan.steps
    .filter(({ act }) => act.kind === 'soak')
    .map(({ atMs }) => ({
      what: 'soak',
      name: null,
      atMs,
      grounds: [
        ...pinned(heldAt(held, { kind: 'soak' })),
        { kind: 'before the mix', minutes: (plan.mixAtMs - atMs) / MS_PER_MINUTE },
      ],
      earliest: null,
      latest: null,
    }));
}

function mixReason(plan: MethodPlan, request: MethodRequest): HourReason {
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

function ballReason(plan: MethodPlan, request: MethodRequest): HourReason {
  const { method, mixAtMs, ballAtMs: atMs } = plan;
  const wholeH = hoursToBalls(method, plan.batches);
  const bulkH = usualHours(method.bulk);
  const mixingH = wholeH - bulkH;
  const bulk = hoursRange(method.bulk);
  const balls = hoursRange(method.balls);
  const { readyFromMs } = request;
  return {
    what: 'ball',
    name: null,
    atMs,
    grounds: [
      ...pinned(heldAt(request.held.hours ?? [], { kind: 'ball' })),
      { kind: 'after the mix', mixMin: mixingH * 60, bulkH },
    ],
    earliest: last(atMs, [
      stayEdge(addHours(mixAtMs, mixingH + bulk.leastH), 'shortest', word('bulk'), bulk.leastH),
      stayEdge(addHours(readyFromMs, -balls.mostH), 'longest', word('balls'), balls.mostH),
      workEdge(atMs, request, 'from', 'ball'),
    ]),
    latest: first(atMs, [
      stayEdge(addHours(mixAtMs, mixingH + bulk.mostH), 'longest', 'bulk', bulk.mostH),
      stayEdge(addHours(readyFromMs, -balls.leastH), 'shortest', 'balls', balls.leastH),
      workEdge(atMs, request, 'to', 'ball'),
    ]),
  };
}

/** Balls that come out of the cold: each turn with the stretch of the service that it is for. */
function outReasons(plan: MethodPlan, request: MethodRequest): HourReason[] {
  const said = new Set<number>();
  const { hours: held = [] } = request.held;
  return plan.steps.flatMap(({ atMs, act, of }): HourReason[] => {
    if (act.kind !== 'move') return [];
    const index = plan.ids.pieceIds.indexOf(act.lotId);
    const wave = plan.waves?.[index];
    const stay = (wave?.stays ?? plan.method.balls).at(-1);
    const lot = plan.pieces[index];
    if (lot === undefined || stay?.placeId !== act.placeId || said.has(atMs)) return [];
    said.add(atMs);
    const fromMs = wave?.fromMs ?? request.readyFromMs;
    const { leastH, mostH } = stay;
    return [
      {
        what: 'out',
        name: null,
        atMs,
        grounds: [...pinned(heldAt(held, of)), windowGround(tr`Balls`, lot, fromMs)],
        earliest: last(atMs, [
          stayEdge(addHours(fromMs, -mostH), 'longest', word('balls out'), mostH),
          workEdge(atMs, request, 'from', word('take them out')),
        ]),
        latest: first(atMs, [
          stayEdge(addHours(fromMs, -leastH), 'shortest', word('balls out'), leastH),
          workEdge(atMs, request, 'to', word('take them out')),
        ]),
      },
    ];
  });
}

/** An edge that the hours of a stay set: at its longest or its shortest. */
const stayEdge = (atMs: number, kind: 'longest' | 'shortest', of: string, hours: number): Edge => ({
  atMs,
  limit: { kind, of, hours },
});

const pinned = (heldMs: number | undefined): Ground[] =>
  heldMs === undefined ? [] : [{ kind: 'pinned' }];

function windowGround(name: string, { window }: LotForecast, wantedMs: number): Ground {
  const { opensMs, bestMs, closesMs } = window;
  return { kind: 'window', name, opensMs, bestMs, closesMs, wantedMs };
}
