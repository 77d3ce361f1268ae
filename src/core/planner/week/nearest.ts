import { MS_PER_HOUR } from '../../units';
import type { BrokenKind } from './broken';
import type { Demand, DemandMethod } from './demand';
import { joinedNeeds } from './needs';
import type { PlanningShop, Proposal } from './proposal';
import { proposalsOf } from './propose';
import { canBeSplit, inDoughs } from './split';

/** The nearest bake that can be: at another hour, or with fewer balls. */
export interface Nearest {
  readonly proposal: Proposal;
  readonly laterMs: number;
  readonly balls: number;
  /** Doughs that it is made of; the proposal is that of the first. */
  readonly doughs: number;
}

/** Changes of the demand that are tried, the smallest first: hours later, and shares of its balls. */
const TRIED: readonly { readonly laterH: number; readonly share: number }[] = [
  { laterH: 0.5, share: 1 },
  { laterH: 0, share: 0.75 },
  { laterH: 1, share: 1 },
  { laterH: 0, share: 0.5 },
  { laterH: 2, share: 1 },
  { laterH: 3, share: 1 },
  { laterH: 0, share: 0.25 },
  { laterH: 6, share: 1 },
  { laterH: 12, share: 1 },
  { laterH: 24, share: 1 },
  { laterH: 48, share: 1 },
];

/** What smaller doughs at hours of their own can mend. */
const MENDED_BY_LESS: ReadonlySet<BrokenKind> = new Set([
  'hands full',
  'place full',
  'mixer taken',
  'boxes short',
  'balls not ready',
  'keeps too short',
]);

const lessWouldFit = ({ broken }: Proposal) => broken.every((one) => MENDED_BY_LESS.has(one.kind));

/** Numbers of doughs that are tried before anything is asked of the guests. */
const SPLITS = [2, 3] as const;

/**
 * The first changed demand of which a plan can be taken as it is; null where none of them can.
 * @param tried plans that were found for the demand as it is
 */
export function nearestFeasible(
  demand: Demand,
  shop: PlanningShop,
  tried: readonly Proposal[],
): Nearest | null {
  for (const doughs of tried.some(lessWouldFit) ? SPLITS : []) {
    const first = splitFeasible(demand, doughs, shop);
    if (first !== null) return { proposal: first, laterMs: 0, balls: demand.balls, doughs };
  }
  for (const { laterH, share } of TRIED) {
    const laterMs = laterH * MS_PER_HOUR;
    const balls = Math.max(1, Math.floor(demand.balls * share));
    const changed: Demand = {
      ...demand,
      readyFromMs: demand.readyFromMs + laterMs,
      readyToMs: demand.readyToMs + laterMs,
      balls,
      perHour: demand.perHour?.map((pizzas) => pizzas * (balls / demand.balls)) ?? null,
    };
    const proposal = firstTakeable(changed, shop);
    if (proposal !== null) return { proposal, laterMs, balls, doughs: 1 };
  }
  return null;
}

/** The plan of the first of several doughs, where each of them has one beside the others; null where one has none. */
function splitFeasible(demand: Demand, doughs: number, shop: PlanningShop): Proposal | null {
  if (demand.ovenOn === true || !canBeSplit(demand, doughs)) return null;
  const plans: Proposal[] = [];
  for (const [part, stretch] of inDoughs(demand, doughs).entries()) {
    const id = part === 0 ? demand.id : `${demand.id}/${part + 1}`;
    const one: Demand = { ...demand, ...stretch, id, ovenOn: part > 0 };
    const background = joinedNeeds([shop.background, ...plans.map((plan) => plan.needs)]);
    const found = firstTakeable(one, { ...shop, background });
    if (found === null) return null;
    plans.push(found);
  }
  return plans[0] ?? null;
}

function firstTakeable(demand: Demand, shop: PlanningShop): Proposal | null {
  for (const method of demand.methods) {
    const found = takeable(demand, method, shop);
    if (found !== null) return found;
  }
  return null;
}

function takeable(demand: Demand, method: DemandMethod, shop: PlanningShop): Proposal | null {
  const found = proposalsOf(demand, method, shop, 1);
  if (found.kind !== 'proposals') return null;
  return found.proposals.find((one) => one.broken.length === 0) ?? null;
}
