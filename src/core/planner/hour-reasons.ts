import { tr, word } from '@/words/tr';
import { hoursRange, usualHours } from '../methods';
import { hoursToBalls } from '../mixing';
import { addHours, MS_PER_MINUTE } from '../units';
import { edge, first, last, workEdge } from './hour-edges';
import { heldAt, type HeldHour } from './hour-of';
import type { MethodPlan, MethodRequest } from './method-request';
import {
  type Ground,
  type HourReason,
  mixReason,
  stayEdge,
  pinned,
  windowGround,
} from './mix-reason';

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
