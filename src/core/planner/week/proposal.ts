import type { MethodPlan, MethodRequest } from '../method-request';
import type { Broken } from './broken';
import type { PlanCosts, Weights } from './cost';
import type { Demand, DemandMethod } from './demand';
import type { Kitchen } from './kitchen';
import type { Needs } from './needs';
import type { Odds } from './odds';

/** What plans of a week rest on. */
export interface PlanningShop {
  readonly kitchen: Kitchen;
  /** What a method is planned with; its own demand, method and sources are put in. */
  readonly base: Omit<
    MethodRequest,
    'method' | 'name' | 'readyFromMs' | 'readyToMs' | 'held' | 'sources' | 'withBands'
  >;
  /** Lots that leavens of a method are taken or seeded from, as they are when they are. */
  readonly sourcesOf: (
    method: DemandMethod,
    at: Pick<Demand, 'readyFromMs' | 'held'>,
  ) => MethodRequest['sources'];
  /** What is taken of the shop by what is planned already. */
  readonly background: Needs;
  readonly weights: Weights;
}

/** One way to meet a demand. */
export interface Proposal {
  readonly demand: Demand;
  readonly method: DemandMethod;
  readonly plan: MethodPlan;
  /** The request that gives this plan again. */
  readonly request: MethodRequest;
  readonly needs: Needs;
  /** What stands in its way; empty where it can be taken as it is. */
  readonly broken: readonly Broken[];
  /** From the windows alone at first, from drawn truths once it is run. */
  readonly guess: { readonly leaven: number; readonly service: number };
  readonly odds: Odds | null;
  readonly costs: PlanCosts;
  readonly points: number;
  readonly firstMs: number;
}

/** What can be taken as it is first, then by points. */
export function byBrokenThenPoints(a: Proposal, b: Proposal): number {
  return a.broken.length - b.broken.length || a.points - b.points || a.firstMs - b.firstMs;
}
