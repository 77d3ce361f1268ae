import { planMethod } from '@/core/planner';
import { judged, requestFor, withOdds, type Demand } from '@/core/planner/week';
import { noMethodPlanSentence } from '../doughs/method-request';
import { planningShop, type PlanFacts } from './facts';
import type { HeldPlan } from './held-with';
import type { Ladder } from './ladder';
import { ladderIn } from './ladder-in';

/** The same plan with its hours held: as it would be then, or why it can not be. */
export interface PlanAtAnswer {
  readonly key: string;
  readonly ladder: Ladder | null;
  readonly refused: string | null;
}

/**
 * Plans with hours that the baker holds: everything else is worked out anew around them, the doses that nobody typed and the
 * feeds before it too, and its odds as of every plan.
 */
export function plansAt(asks: {
  readonly demand: Demand;
  readonly facts: PlanFacts;
  readonly holds: readonly HeldPlan[];
}): PlanAtAnswer[] {
  return asks.holds.map((one) => planAt(asks, one));
}

function planAt(
  { demand, facts }: { readonly demand: Demand; readonly facts: PlanFacts },
  { take, held }: HeldPlan,
): PlanAtAnswer {
  const { key, versionId, method: solved } = take;
  const shop = planningShop(facts);
  // As the method has it, where the service names it: what was found for other hours is not held with them.
  const known = demand.methods.find((one) => one.key === key);
  // Hours within the dough are held in the plan as it was found: what is not held stays where it stood.
  const asFound = known === undefined || held.hours !== undefined;
  const method = {
    ...{ key, versionId },
    method: asFound ? solved : { ...known.method, refreshments: solved.refreshments },
  };
  const request = {
    ...requestFor(demand, method, shop),
    held,
    ...(take.waves === null ? {} : { waves: take.waves }),
  };
  const plan = planMethod(request);
  if (plan.kind === 'infeasible') {
    const { timeZone, nowMs } = facts.dough;
    return { key, ladder: null, refused: noMethodPlanSentence(plan, timeZone, nowMs) };
  }
  const proposal = withOdds(judged(plan, request, { demand, method, shop }), shop);
  return { key, ladder: ladderIn(proposal, facts), refused: null };
}
