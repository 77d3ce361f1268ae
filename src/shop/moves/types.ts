import type { Bake } from '../kept/bake';
import type { Act, PlannedAct, Tenses } from '@/core/journal';
import type { MixSpan } from '@/core/mixing';
import type { Kitchen } from '@/core/planner/week';

import type { ShopFacts } from '../facts';

/** What moving a step rests on; plain data, so that the page can see what follows while it drags. */
export interface MoveFacts extends ShopFacts {
  /** What was done to the lots in sight and to those they descend from, and what is planned. */
  readonly folded: Tenses;
  readonly bakes: readonly Bake[];
  /** Hands, rooms and things of the shop. */
  readonly kitchen: Kitchen;
  /** When the mix of each bake takes hands and mixer, minutes from its start. */
  readonly mixSpans: ReadonlyMap<string, readonly MixSpan[]>;
  /** Steps that the baker pinned: they stay where they are. */
  readonly pinned: readonly string[];
}

/** A planned step as it would be after a move. */
export interface MovedStep {
  readonly step: PlannedAct;
  readonly atMs: number;
  readonly act: Act;
}
