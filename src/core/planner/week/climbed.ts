import { hoursToBalls } from '../../mixing';
import { hoursRange, usualHours, type Method, type Stay } from '../../methods';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../../units';
import { batchesOf } from '../drafted';
import type { MethodPlan, MethodRequest } from '../method-request';
import { planMethod } from '../plan-method';
import { piecesServed } from './broken-in-plan';
import { byBrokenThenPoints, type Proposal } from './proposal';
import { betterShiftH } from './quick-odds';

/** Turns in which a plan finds its better hour. */
const TURNS = 3;
/** A shift that is smaller is none, h. */
const LEAST_SHIFT_H = 0.15;
const FIVE_MIN_MS = 5 * MS_PER_MINUTE;

/**
 * A proposal whose mix, or whose hours of tempering, come earlier or later where that makes the service likelier to hold:
 * a plan aims at the best of its balls first, and a window that is shorter than its turn, or wider after the best than before
 * it, wants another hour. Bulk and balls keep to the hours that the method allows. The proposal as it is where nothing is
 * better, or where the baker has pinned the mix.
 * @param judge a plan of a request with what it breaks and costs
 */
export function climbed(
  start: Proposal,
  judge: (plan: MethodPlan, request: MethodRequest) => Proposal,
): Proposal {
  if (start.demand.held?.mixAtMs !== undefined) return start;
  let best = start;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const next = shifted(best, judge);
    if (next === null || byBrokenThenPoints(next, best) >= 0) break;
    best = next;
  }
  return best;
}

function shifted(
  from: Proposal,
  judge: (plan: MethodPlan, request: MethodRequest) => Proposal,
): Proposal | null {
  const { plan, demand } = from;
  const [first] = piecesServed(plan, demand).sort((a, b) => a.fromMs - b.fromMs);
  if (first === undefined) return null;
  const shiftH = betterShiftH(plan, first);
  if (Math.abs(shiftH) < LEAST_SHIFT_H) return null;
  const request = requestShifted(from, shiftH);
  if (request === null) return null;
  const next = planMethod(request);
  return next.kind === 'plan' ? judge(next, request) : null;
}

/** The request of a proposal with its mix so much later; with balls that wait in the cold, with so much less tempering. */
function requestShifted({ plan, request }: Proposal, shiftH: number): MethodRequest | null {
  const asked = asAsked(request);
  const { method } = plan;
  const held = { ...asked.held, mixAtMs: plan.mixAtMs };
  if (method.balls.length > 1) {
    const last = method.balls.at(-1) as Stay;
    const hours = within(last.hours - shiftH, last);
    if (Math.abs(hours - last.hours) < LEAST_SHIFT_H) return null;
    const balls = [...method.balls.slice(0, -1), { ...last, hours }];
    return { ...asked, method: { ...asked.method, balls }, held };
  }
  const mixAtMs = Math.round(addHours(plan.mixAtMs, shiftH) / FIVE_MIN_MS) * FIVE_MIN_MS;
  return allowed({ ...asked, held: { ...held, mixAtMs } }, mixAtMs);
}

/** A request without what a plan of it has found: its waves and feeds are found anew. */
function asAsked(request: MethodRequest): MethodRequest {
  const asked: { -readonly [K in keyof MethodRequest]: MethodRequest[K] } = { ...request };
  delete asked.waves;
  delete asked.solved;
  return asked;
}

const within = (hours: number, { leastH, mostH }: Stay) =>
  Math.round(12 * Math.max(leastH, Math.min(mostH, hours))) / 12;

/** A request whose bulk and balls fill the hours from a mix to the service as the method allows; null where they can not. */
function allowed(request: MethodRequest, mixAtMs: number): MethodRequest | null {
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
