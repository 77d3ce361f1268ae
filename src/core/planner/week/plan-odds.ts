import type { MethodPlan, MethodRequest } from '../method-request';
import { piecesServed } from './broken-in-plan';
import { pointsOf } from './cost';
import type { Demand } from './demand';
import { inProgressOf, ODDS_DRAWS, oddsOf, type Odds, type OddsQuestion } from './odds';
import type { PlanningShop, Proposal } from './proposal';

/** A proposal with its odds from drawn truths, run through the whole chain. */
export function withOdds(proposal: Proposal, shop: PlanningShop, draws = ODDS_DRAWS): Proposal {
  const { plan, demand, request } = proposal;
  const odds = oddsOfPlan(plan, demand, request, draws);
  return {
    ...proposal,
    odds,
    points: pointsOf(odds, proposal.costs, shop.weights),
  };
}

/** The odds of a plan for a service from drawn truths, as every view tells them. */
export function oddsOfPlan(
  plan: MethodPlan,
  service: Pick<Demand, 'readyFromMs' | 'readyToMs'>,
  request: MethodRequest,
  draws = ODDS_DRAWS,
): Odds {
  return oddsOf(oddsQuestion({ plan, demand: service }, draws), request);
}

/** What the odds of a plan are asked for. */
export function oddsQuestion(
  {
    plan,
    demand,
  }: {
    readonly plan: MethodPlan;
    readonly demand: Pick<Demand, 'readyFromMs' | 'readyToMs'>;
  },
  draws: number,
): OddsQuestion {
  return {
    steps: plan.run,
    leavens: plan.leavens
      .filter((one) => one.atMs !== null)
      .map((one) => ({
        lotId: plan.ids.leavenIds[one.leavenId] ?? '',
        mixedInto: plan.ids.doughId,
      })),
    pieces: piecesServed(plan, demand),
    readyFromMs: demand.readyFromMs,
    readyToMs: demand.readyToMs,
    draws,
    inProgress: inProgressOf(plan.lots, plan.run),
  };
}
