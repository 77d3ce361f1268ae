import { usualHours } from '../methods';
import { hoursBetween } from '../units';
import type { MethodPlan, MethodRequest, NoMethodPlan } from './method-request';
import { planMethod } from './plan-method';

/**
 * Plans a bake whose balls are made at an hour that is held: the mix stands where it is held or best, and the last stay
 * of the bulk is as long as that leaves it.
 */
export function planWithBallsAt(
  request: MethodRequest,
  ballAtMs: number,
): MethodPlan | NoMethodPlan {
  const plan = planMethod(request);
  if (plan.kind === 'infeasible') return plan;
  const { bulk } = request.method;
  const last = bulk.at(-1);
  const longerH = hoursBetween(plan.ballAtMs, ballAtMs);
  if (last === undefined || usualHours(bulk) + longerH <= 0) {
    return { kind: 'infeasible', because: 'moments out of order', earliestReadyMs: null };
  }
  const hours = Math.max(0, last.hours + longerH);
  const held = {
    ...last,
    hours,
    leastH: Math.min(last.leastH, hours),
    mostH: Math.max(last.mostH, hours),
  };
  return planMethod({
    ...request,
    held: { ...request.held, mixAtMs: plan.mixAtMs },
    method: { ...request.method, bulk: [...bulk.slice(0, -1), held] },
  });
}
