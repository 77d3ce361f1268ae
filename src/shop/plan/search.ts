import { planningShop, type PlanFacts } from './facts';
import {
  alternativesOf,
  planWeek,
  type Alternatives,
  type Demand,
  type Knot,
} from '@/core/planner/week';

import { noMethodPlanSentence } from '../doughs/method-request';
import { type Ladder } from './ladder';
import { ladderIn } from './ladder-in';

/** A service as it could be asked for instead. */
export interface ChangedService {
  /** The method that makes it then. */
  readonly name: string;
  readonly laterMs: number;
  readonly balls: number;
  readonly doughs: number;
  readonly readyFromMs: number;
}

/** What is known of the plans of a service so far. */
export interface PlanSearch {
  readonly shown: readonly Ladder[];
  /** The best that can be taken as it is. */
  readonly bestKey: string | null;
  readonly knot: {
    readonly conditions: Knot['conditions'];
    readonly waysOut: readonly {
      readonly condition: Knot['conditions'][number];
      readonly name: string;
      readonly key: string;
    }[];
  } | null;
  readonly nearest: ChangedService | null;
  /** Methods that can not be planned, each with why in a sentence. */
  readonly refused: readonly {
    readonly name: string;
    readonly because: string;
    /** The smallest change with which it can be planned; null where none is known. */
    readonly mend: ChangedService | null;
  }[];
  readonly share: number;
}

/** Plans of one service, the first usable one at once; each step is what there is. */
export function* searchPlans(
  demand: Demand,
  facts: PlanFacts,
): Generator<{ share: number; answer: PlanSearch }, PlanSearch> {
  const shop = planningShop(facts);
  const steps = alternativesOf(demand, shop);
  const shown = (found: Alternatives) => searchOf(found, demand, facts);
  let step = steps.next();
  while (step.done !== true) {
    yield { share: step.value.share, answer: shown(step.value) };
    step = steps.next();
  }
  return shown(step.value);
}

function searchOf(found: Alternatives, demand: Demand, facts: PlanFacts): PlanSearch {
  const { knot, nearest } = found;
  return {
    shown: found.shown.map((one) => ladderIn(one, facts)),
    bestKey: found.best?.method.key ?? null,
    knot:
      knot === null
        ? null
        : {
            conditions: knot.conditions,
            waysOut: knot.waysOut.map(({ condition, proposal }) => ({
              condition,
              name: proposal.method.method.name,
              key: proposal.method.key,
            })),
          },
    nearest:
      nearest === null
        ? null
        : {
            name: nearest.proposal.method.method.name,
            laterMs: nearest.laterMs,
            balls: nearest.balls,
            doughs: nearest.doughs,
            readyFromMs: nearest.proposal.demand.readyFromMs,
          },
    refused: found.refused.map((one) => ({
      name: one.name,
      because: noMethodPlanSentence(one.why, facts.dough.timeZone, facts.dough.nowMs),
      mend: changedBy(one, demand),
    })),
    share: found.share,
  };
}

/** To the next half hour at which a method is early enough begun. */
const HALF_MS = 30 * 60_000;

function changedBy(
  { name, mend }: Alternatives['refused'][number],
  { readyFromMs, balls }: Demand,
): ChangedService | null {
  const same = { name, laterMs: 0, balls, doughs: 1, readyFromMs };
  if (mend === null || mend.kind === 'free') return null;
  if (mend.kind === 'more') return { ...same, balls: balls * mend.times };
  const laterMs = Math.ceil((mend.fromMs - readyFromMs) / HALF_MS) * HALF_MS;
  return { ...same, laterMs, readyFromMs: readyFromMs + laterMs };
}

/** A plan for each service of a week; null where none can be taken. */
export interface WeekSearch {
  readonly chosen: readonly {
    readonly demandId: string;
    readonly ladder: Omit<Ladder, 'odds'> | null;
  }[];
  readonly points: number;
  readonly bound: number;
  readonly share: number;
  readonly complete: boolean;
}

/** Plans of all open services together. */
export function* searchWeek(
  demands: readonly Demand[],
  facts: PlanFacts,
): Generator<{ share: number; answer: WeekSearch }, WeekSearch> {
  const steps = planWeek(demands, planningShop(facts));
  const shown = (found: ReturnType<typeof steps.next>['value']): WeekSearch => ({
    chosen: found.chosen.map((one, index) => ({
      demandId: demands[index]?.id ?? '',
      ladder: one === null ? null : ladderIn(one, facts),
    })),
    points: found.points,
    bound: found.bound,
    share: found.share,
    complete: found.complete,
  });
  let step = steps.next();
  while (step.done !== true) {
    yield { share: step.value.share, answer: shown(step.value) };
    step = steps.next();
  }
  return shown(step.value);
}
