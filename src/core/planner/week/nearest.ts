import { MS_PER_HOUR } from '../../units';
import type { Demand } from './demand';
import type { PlanningShop, Proposal } from './proposal';
import { proposalsOf } from './propose';

/** The nearest bake that can be: at another hour, or with fewer balls. */
export interface Nearest {
  readonly proposal: Proposal;
  readonly laterMs: number;
  readonly balls: number;
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

/** The first changed demand of which a plan can be taken as it is; null where none of them can. */
export function nearestFeasible(demand: Demand, shop: PlanningShop): Nearest | null {
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
    for (const method of demand.methods) {
      const found = proposalsOf(changed, method, shop, 1);
      const proposal =
        found.kind === 'proposals' ? found.proposals.find((one) => one.broken.length === 0) : null;
      if (proposal != null) return { proposal, laterMs, balls };
    }
  }
  return null;
}
