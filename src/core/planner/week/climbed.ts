import { likelierShiftH } from '../likelier-hour';
import type { MethodPlan, MethodRequest } from '../method-request';
import { mixedLater } from '../mixed-later';
import { planMethod } from '../plan-method';
import { piecesServed } from './broken-in-plan';
import { byBrokenThenPoints, type Proposal } from './proposal';

/** Turns in which a plan finds its better hour. */
const TURNS = 3;
/** A plan was found at its likeliest hour: where another is nearer than this, h, it is the same one. */
const LEAST_SHIFT_H = 0.25;

/**
 * A proposal whose mix, or whose hours of tempering, come earlier or later where that makes the first of its turns likelier to
 * hold: a method is planned for the whole service at once, and balls in waves serve a part of it. Bulk and balls keep to the hours that the method allows. The proposal as it is where nothing is
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
  const lot = plan.lots.get(first?.lotId ?? '');
  if (first === undefined || lot === undefined) return null;
  const extraLnSd = plan.dough.extraLnSd ?? 0;
  const shiftH = likelierShiftH({ ...first, lot, mixedAtMs: plan.mixAtMs, extraLnSd });
  if (Math.abs(shiftH) < LEAST_SHIFT_H) return null;
  const request = mixedLater(asAsked(from.request), plan.mixAtMs, plan.method.balls, shiftH);
  if (request === null) return null;
  const next = planMethod(request);
  return next.kind === 'plan' ? judge(next, request) : null;
}

/** A request without what a plan of it has found: its waves and feeds are found anew. */
function asAsked(request: MethodRequest): MethodRequest {
  const asked: { -readonly [K in keyof MethodRequest]: MethodRequest[K] } = { ...request };
  delete asked.waves;
  delete asked.solved;
  return asked;
}
