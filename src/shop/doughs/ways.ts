import { isCold, tempAt } from '@/core/forecast';
import { variationsOf, type Method, type Variation } from '@/core/methods';
import { isWorking, momentsOf, type MethodPlan, type MethodRequest } from '@/core/planner';
import { oddsOfPlan, plannedInTurns, type Odds } from '@/core/planner/week';
import type { DoughFacts } from './facts';
import { methodRequestOf, noMethodPlanSentence, type MethodBake } from './method-request';

/** One way of a method, planned for the same service as the others. */
export interface Way {
  /** What is otherwise; null for the method as it stands. */
  readonly otherwise: Pick<Variation, 'kind' | 'hours' | 'of'> | null;
  readonly method: Method;
  readonly plan: WayPlan | null;
  /** Why it can not be planned. */
  readonly because: string | null;
}

/** What a way comes to. */
export interface WayPlan {
  readonly plan: MethodPlan;
  readonly odds: Odds;
  readonly firstMs: number;
  /** Instants at which somebody has to do something. */
  readonly moments: number;
  /** Those of them outside of the working hours. */
  readonly outside: number;
}

/** The method as it stands and its other ways, each planned and run with drawn truths; each way is a step. */
export function* waysOf(asks: {
  readonly bake: Omit<MethodBake, 'versionId'>;
  readonly facts: DoughFacts;
}): Generator<{ share: number; answer: readonly Way[] }, readonly Way[]> {
  const { bake, facts } = asks;
  const coldNow = (placeId: string) => {
    const place = facts.places.find((one) => one.id === placeId);
    return place !== undefined && isCold(tempAt(place, facts.nowMs));
  };
  const variations = variationsOf(bake.method, {
    isCold: coldNow,
    fridgeId: facts.places.find((place) => coldNow(place.id))?.id ?? null,
    kinds: new Set(facts.sources.map((source) => source.kind)),
  });
  const asked = [
    { otherwise: null, method: bake.method },
    ...variations.map(({ method, ...otherwise }) => ({ otherwise, method })),
  ];
  const found: Way[] = [];
  let looked = 0;
  for (const one of asked) {
    const way = { ...one, ...planned({ ...bake, method: one.method }, facts) };
    if (!found.some((before) => isSame(before, way))) found.push(way);
    looked += 1;
    yield { share: looked / asked.length, answer: [...found] };
  }
  return found;
}

/** True for ways that come to the same hours: no choice for a baker. */
function isSame(one: Way, other: Way): boolean {
  if (one.plan === null || other.plan === null) return false;
  const hoursOf = ({ plan }: WayPlan) =>
    plan.steps.map(({ atMs, act }) => `${atMs} ${act.kind}`).join();
  return (
    hoursOf(one.plan) === hoursOf(other.plan) && one.plan.odds.service === other.plan.odds.service
  );
}

function planned(
  bake: Omit<MethodBake, 'versionId'>,
  facts: DoughFacts,
): Pick<Way, 'plan' | 'because'> {
  const { timeZone, nowMs } = facts;
  const found = plannedInTurns(methodRequestOf(bake, facts, false));
  if (found.kind === 'infeasible') {
    return { plan: null, because: noMethodPlanSentence(found, timeZone, nowMs) };
  }
  return { plan: wayPlan(found.plan, found.request), because: null };
}

function wayPlan(plan: MethodPlan, request: MethodRequest): WayPlan {
  const moments = momentsOf(plan.steps);
  const { workingHours, timeZone } = request;
  return {
    plan,
    odds: oddsOfPlan(plan, request, request),
    firstMs: Math.min(...moments),
    moments: moments.length,
    outside: moments.filter((atMs) => !isWorking(atMs, workingHours, timeZone)).length,
  };
}
