import type { Act, PlannedAct, Tenses } from '@/core/journal';
import type { Kitchen } from '@/core/planner/week';
import type { Bake } from '@/data';
import type { PlanningFacts } from './plan-request';

/** What moving a step rests on; plain data, so that the page can see what follows while it drags. */
export interface MoveFacts {
  /** What was done to the lots in sight and to those they descend from, and what is planned. */
  readonly folded: Tenses;
  readonly bakes: readonly Bake[];
  readonly planning: PlanningFacts;
  /** Hands, rooms and things of the shop. */
  readonly kitchen: Kitchen;
  /** Minutes that the mix of each bake takes, where its method says so. */
  readonly mixMin: ReadonlyMap<string, number>;
  /** Steps that the baker pinned: they stay where they are. */
  readonly pinned: readonly string[];
}

/** A planned step as it would be after a move. */
export interface MovedStep {
  readonly step: PlannedAct;
  readonly atMs: number;
  readonly act: Act;
}
