import type { MethodPlan, MethodRequest, NoMethodPlan } from './method-request';
import { planMethod } from './plan-method';

/** Plans a bake whose balls are made at an hour that is held: the mix stands where it is held or best, the bulk gives way. */
export function planWithBallsAt(
  request: MethodRequest,
  ballAtMs: number,
): MethodPlan | NoMethodPlan {
  const plan = planMethod(request);
  if (plan.kind === 'infeasible') return plan;
  const hours = [{ of: { kind: 'ball' } as const, atMs: ballAtMs }];
  return planMethod({ ...request, held: { ...request.held, mixAtMs: plan.mixAtMs, hours } });
}
