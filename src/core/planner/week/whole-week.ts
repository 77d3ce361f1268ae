import { chooseBest, UNMET_POINTS, type Choice } from './choose';
import type { Demand } from './demand';
import { joinedNeeds } from './needs';
import type { PlanningShop, Proposal } from './proposal';
import { byBrokenThenPoints, proposalsOf } from './propose';

/** A week planned so far. */
export interface WeekPlan {
  /** In the order of the demands; null where none can be taken. */
  readonly chosen: readonly (Proposal | null)[];
  readonly points: number;
  /** No week can be better than this from the same plans, points. */
  readonly bound: number;
  readonly proved: boolean;
  /** True once every demand has been looked at. */
  readonly complete: boolean;
  readonly share: number;
}

/**
 * Plans a week: each demand in order of time on what the ones before it left, which is the first complete plan; then the
 * best choice among all plans that were found. Each step yields what there is.
 */
export function* planWeek(
  demands: readonly Demand[],
  shop: PlanningShop,
): Generator<WeekPlan, WeekPlan> {
  const order = demands
    .map((demand, index) => ({ demand, index }))
    .sort((a, b) => a.demand.readyFromMs - b.demand.readyFromMs || a.index - b.index);
  const options: Proposal[][] = demands.map(() => []);
  const chosen: (Proposal | null)[] = demands.map(() => null);
  let background = shop.background;
  for (const [at, { demand, index }] of order.entries()) {
    const found = demand.methods.flatMap((method) => {
      const proposed = proposalsOf(demand, method, { ...shop, background });
      return proposed.kind === 'proposals' ? proposed.proposals : [];
    });
    options[index] = found;
    const [best] = found.filter((one) => one.broken.length === 0).sort(byBrokenThenPoints);
    chosen[index] = best ?? null;
    if (best !== undefined) background = joinedNeeds([background, best.needs]);
    const complete = at === order.length - 1;
    yield weekSoFar(chosen, boundOf(options), { complete, share: (at + 1) / (order.length + 1) });
  }
  const better = chooseBest(
    options.map((all) => all.filter(standsAlone)),
    shop,
  );
  const greedy = weekSoFar(chosen, boundOf(options), { complete: true, share: 1 });
  return better.points <= greedy.points + 1e-9
    ? improved(better)
    : { ...greedy, ...bounds(better) };
}

const SHARED_KINDS: ReadonlySet<string> = new Set([
  'hands full',
  'place full',
  'mixer taken',
  'boxes short',
  'oven slow',
  'culture short',
]);

/** What only breaks conditions that it shares with others may fit another week. */
function standsAlone(proposal: Proposal): boolean {
  return proposal.broken.every((one) => SHARED_KINDS.has(one.kind));
}

const bounds = ({ bound, proved }: Choice<Proposal>) => ({ bound, proved });

function improved(choice: Choice<Proposal>): WeekPlan {
  return { ...choice, complete: true, share: 1 };
}

function boundOf(options: readonly (readonly Proposal[])[]): number {
  return options.reduce((sum, all) => {
    const least = all.filter(standsAlone).map((one) => one.points);
    return sum + Math.min(UNMET_POINTS, ...least);
  }, 0);
}

function weekSoFar(
  chosen: readonly (Proposal | null)[],
  bound: number,
  so: { readonly complete: boolean; readonly share: number },
): WeekPlan {
  const points = chosen.reduce((sum, one) => sum + (one?.points ?? UNMET_POINTS), 0);
  return { chosen: [...chosen], points, bound, proved: points <= bound + 1e-9, ...so };
}
