import { mendOf, type Mend } from '../mend';
import type { NoMethodPlan } from '../method-request';
import type { Demand } from './demand';
import { nearestFeasible, type Nearest } from './nearest';
import { knotOf, type Knot } from './knots';
import { byBrokenThenPoints, type PlanningShop, type Proposal } from './proposal';
import { proposalsOf, requestFor } from './propose';
import { withOdds } from './plan-odds';

/** What is known of the plans of one demand so far. */
export interface Alternatives {
  /** Really different plans, the best first: at most {@link MOST_SHOWN}. */
  readonly shown: readonly Proposal[];
  /** The best that can be taken as it is; null where none can. */
  readonly best: Proposal | null;
  readonly knot: Knot | null;
  /** The nearest bake that can be; only sought where nothing can be taken. */
  readonly nearest: Nearest | null;
  /** Methods that can not be planned at all, each with what stops it. */
  /** Methods that can not be planned: why, and what would mend it. */
  readonly refused: readonly Refused[];
  /** Methods looked through. */
  readonly share: number;
}

interface Refused {
  readonly name: string;
  readonly why: NoMethodPlan;
  readonly mend: Mend | null;
}

const MOST_SHOWN = 5;

/**
 * Plans of a demand, method by method: the first usable answer at once, better ones as they are found. Of each method the
 * best is shown; the odds are run with drawn truths.
 */
export function* alternativesOf(
  demand: Demand,
  shop: PlanningShop,
): Generator<Alternatives, Alternatives> {
  const all: Proposal[] = [];
  const best = new Map<string, Proposal>();
  const refused: Refused[] = [];
  const total = demand.methods.length + 1;
  let done = 0;
  for (const method of demand.methods) {
    const found = proposalsOf(demand, method, shop);
    done += 1;
    if (found.kind === 'proposals') {
      all.push(...found.proposals);
      const [first] = found.proposals;
      if (first !== undefined) best.set(method.key, withOdds(first, shop));
    } else {
      const mend = mendOf(requestFor(demand, method, shop), found.because);
      refused.push({ name: method.method.name, why: found.because, mend });
    }
    yield { ...alternatives([...best.values()], all, null, done / total), refused };
  }
  const takeable = [...best.values()].some((one) => one.broken.length === 0);
  const nearest = takeable ? null : nearestFeasible(demand, shop, all);
  return { ...alternatives([...best.values()], all, nearest, 1), refused };
}

function alternatives(
  found: readonly Proposal[],
  all: readonly Proposal[],
  nearest: Nearest | null,
  share: number,
): Omit<Alternatives, 'refused'> {
  const inOrder = [...found].sort(byBrokenThenPoints);
  const best = inOrder.find((one) => one.broken.length === 0) ?? null;
  return {
    shown: withLeaven(different(inOrder)).slice(0, MOST_SHOWN),
    best,
    knot: knotOf(all),
    nearest,
    share,
  };
}

/** How long a plan is, as bakers say it. */
export type Length = 'same day' | 'overnight' | 'two days' | 'three days';

/** From the first hand to the service, in nights between. */
export function lengthOf(proposal: Pick<Proposal, 'firstMs' | 'demand'>): Length {
  const hours = (proposal.demand.readyFromMs - proposal.firstMs) / 3_600_000;
  if (hours <= SAME_DAY_H) return 'same day';
  if (hours <= OVERNIGHT_H) return 'overnight';
  return hours <= TWO_DAYS_H ? 'two days' : 'three days';
}
const SAME_DAY_H = 13;
const OVERNIGHT_H = 30;
const TWO_DAYS_H = 54;

/** What the shop keeps alive is not passed over: the best plan that takes of it stands beside the best of all. */
function withLeaven(shown: readonly Proposal[]): Proposal[] {
  const [first, ...others] = shown;
  const alive = others.find((one) => takesOfJar(one) && one.broken.length === 0);
  if (first === undefined || alive === undefined || takesOfJar(first)) return [...shown];
  return [first, alive, ...others.filter((one) => one !== alive)];
}

const takesOfJar = ({ request }: Proposal) => request.sources.length > 0;

/** The best of each length first, then the rest: the first ones shown differ in kind. */
function different(inOrder: readonly Proposal[]): Proposal[] {
  const firsts = inOrder.filter(
    (one, i) => inOrder.findIndex((other) => lengthOf(other) === lengthOf(one)) === i,
  );
  return [...firsts, ...inOrder.filter((one) => !firsts.includes(one))];
}
