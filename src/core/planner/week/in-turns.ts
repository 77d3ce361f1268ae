import type { MethodPlan, MethodRequest, NoMethodPlan } from '../method-request';
import { planMethod } from '../plan-method';
import { piecesServed } from './broken-in-plan';
import { quickOdds } from './quick-odds';
import { inWaves, withHeld } from './waves';

/** A plan with the request that gives it again. */
export interface InTurns {
  readonly kind: 'plan';
  readonly plan: MethodPlan;
  readonly request: MethodRequest;
}

/** Turns are kept to, as Plan keeps to them, unless windows alone say that they hold so much less. Set. */
const MOST_LOSS = 0.02;

/**
 * A bake of a method for its own service. Balls that wait in the cold anyway come out in turns where one turn would not stay
 * ready to the end of it; anything else is planned at once, as its stages say.
 */
export function plannedInTurns(request: MethodRequest): InTurns | NoMethodPlan {
  const plan = planMethod({ ...request, withBands: false });
  if (plan.kind === 'infeasible') return plan;
  const first = plan.method.balls[0];
  const once = () => withBands({ kind: 'plan', plan, request }, request.withBands);
  if (plan.method.balls.length < 2 || first === undefined) return once();
  const { readyFromMs, readyToMs } = request;
  const balls = plan.steps.reduce(
    (sum, { act }) => sum + (act.kind === 'divide' ? act.count : 0),
    0,
  );
  const service = { readyFromMs, readyToMs, balls, perHour: null };
  const waved = inWaves(plan, { ...request, withBands: false }, service, first.placeId);
  if (waved.waves === null) return once();
  const chance = (one: MethodPlan) => quickOdds(one, piecesServed(one, service), service).service;
  if (chance(waved) < chance(plan) - MOST_LOSS) return once();
  const asked = { ...request, waves: waved.waves };
  return withBands({ kind: 'plan', plan: waved, request: asked }, request.withBands);
}

/** The same plan with its bands, where they are asked for: everything of it is held. */
function withBands(found: InTurns, wanted: boolean): InTurns | NoMethodPlan {
  if (!wanted) return found;
  const { plan, request } = found;
  const again = planMethod({ ...withHeld(plan, request), withBands: true });
  return again.kind === 'plan' ? { ...found, plan: again } : again;
}
