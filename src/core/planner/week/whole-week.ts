import { chooseBest, UNMET_POINTS } from './choose';
import type { Demand } from './demand';
import { joinedNeeds } from './needs';
import { byBrokenThenPoints, type PlanningShop, type Proposal } from './proposal';
import { proposalsOf } from './propose';

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
 * Plans a week: first each demand in order of time by the first method that can be taken on what the ones before it left,
 * which is the first complete plan; then by all of its methods; then the best choice among all plans that were found. Each
 * step yields what there is.
 */
export function* planWeek(
  demands: readonly Demand[],
  shop: PlanningShop,
): Generator<WeekPlan, WeekPlan> {
  const order = demands
    .map((demand, index) => ({ demand, index }))
    .sort((a, b) => a.demand.readyFromMs - b.demand.readyFromMs || a.index - b.index);
  const options: Proposal[][] = demands.map(() => []);
  const steps = 2 * order.length + 1;
  let done = 0;
  let chosen: (Proposal | null)[] = demands.map(() => null);
  for (const { demand, index } of order) {
    const background = takenBy(shop, chosen);
    const found = firstThatFits(demand, { ...shop, background });
    options[index] = [...found];
    chosen[index] = takeable(found);
    done += 1;
    yield weekSoFar(chosen, -Infinity, { complete: done === order.length, share: done / steps });
  }
  const better: (Proposal | null)[] = demands.map(() => null);
  for (const { demand, index } of order) {
    const background = takenBy(shop, better);
    const all = demand.methods.flatMap((method) =>
      proposed(demand, method, { ...shop, background }, USUAL_TRIES),
    );
    options[index] = [...(options[index] ?? []), ...all];
    better[index] = takeable(all);
    done += 1;
    yield weekSoFar(chosen, -Infinity, { complete: true, share: done / steps });
  }
  if (pointsOfWeek(better) < pointsOfWeek(chosen)) chosen = better;
  const choice = chooseBest(
    options.map((all) => all.filter(standsAlone)),
    shop,
  );
  if (choice.points <= pointsOfWeek(chosen) + 1e-9) return { ...choice, complete: true, share: 1 };
  const { bound, proved } = choice;
  return { ...weekSoFar(chosen, bound, { complete: true, share: 1 }), proved };
}
/** Other hours that are run for a method. */
const USUAL_TRIES = 3;

const takeable = (found: readonly Proposal[]) =>
  [...found].filter((one) => one.broken.length === 0).sort(byBrokenThenPoints)[0] ?? null;

/** What is taken of the shop by what was planned before and what is chosen so far. */
function takenBy(shop: PlanningShop, chosen: readonly (Proposal | null)[]) {
  return joinedNeeds([shop.background, ...chosen.flatMap((one) => one?.needs ?? [])]);
}

function proposed(
  demand: Demand,
  method: Demand['methods'][number],
  shop: PlanningShop,
  tries: number,
): readonly Proposal[] {
  const found = proposalsOf(demand, method, shop, tries);
  return found.kind === 'proposals' ? found.proposals : [];
}

/** The plans of the first method of which one can be taken as it is; of all of them where none can. */
function firstThatFits(demand: Demand, shop: PlanningShop): readonly Proposal[] {
  const all: Proposal[] = [];
  for (const tries of [0, USUAL_TRIES]) {
    for (const method of demand.methods) {
      const found = proposed(demand, method, shop, tries);
      all.push(...found);
      if (takeable(found) !== null) return all;
    }
  }
  return all;
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

const pointsOfWeek = (chosen: readonly (Proposal | null)[]) =>
  chosen.reduce((sum, one) => sum + (one?.points ?? UNMET_POINTS), 0);

function weekSoFar(
  chosen: readonly (Proposal | null)[],
  bound: number,
  so: { readonly complete: boolean; readonly share: number },
): WeekPlan {
  const points = pointsOfWeek(chosen);
  return { chosen: [...chosen], points, bound, proved: points <= bound + 1e-9, ...so };
}
