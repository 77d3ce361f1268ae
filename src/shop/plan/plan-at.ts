import { isSameHour, planMethod, type HourOf, type MethodRequest } from '@/core/planner';
import { judged, requestFor, withOdds, type Demand } from '@/core/planner/week';
import { noMethodPlanSentence } from '../doughs/method-request';
import { planningShop, type PlanFacts } from './facts';
import type { Ladder } from './ladder';
import { ladderIn } from './ladder-in';

/** Hours that a baker holds in a plan before it is taken, UTC ms. */
export type HeldHours = MethodRequest['held'];

/** A plan as it was found, and the hours of it that are held. */
export interface HeldPlan {
  readonly take: Ladder['take'];
  readonly held: HeldHours;
}

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
    const { timeZone, nowMs } = facts.dough.planning;
    return { key, ladder: null, refused: noMethodPlanSentence(plan, timeZone, nowMs) };
  }
  const proposal = withOdds(judged(plan, request, { demand, method, shop }), shop);
  return { key, ladder: ladderIn(proposal, facts), refused: null };
}

/**
 * The hours held with one more: a rung dragged or typed to an hour. What is counted from the mix or from a leaven holds that
 * where it stands, too.
 */
export function heldWith(
  held: HeldHours,
  of: HourOf,
  atMs: number,
  take: Pick<Ladder['take'], 'mixAtMs' | 'leavenAtMs'>,
): HeldHours {
  if (of.kind === 'mix') return { ...held, mixAtMs: atMs };
  if (of.kind === 'leaven') {
    return { ...held, leavenAtMs: { ...held.leavenAtMs, [of.leavenId]: atMs } };
  }
  const others = (held.hours ?? []).filter((one) => !isSameHour(one.of, of));
  const more = { ...held, hours: [...others, { of, atMs }] };
  if (of.kind === 'leaven stay' || of.kind === 'feed') {
    return { ...more, leavenAtMs: { ...take.leavenAtMs, ...held.leavenAtMs } };
  }
  // The balls, and what they come out of, may take the mix along.
  if (of.kind === 'ball' || of.kind === 'balls stay') return more;
  return { ...more, mixAtMs: held.mixAtMs ?? take.mixAtMs };
}
