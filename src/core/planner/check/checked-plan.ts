import type { Method } from '../../methods';
import { MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-step';
import type { Demand, HandsNeed } from '../week';

/** A plan as it would be taken. */
export interface CheckedPlan {
  readonly demand: Demand;
  readonly steps: readonly BakeStep[];
  /** Stand-ins for what is not in the shop yet. */
  readonly assumed: readonly BakeStep[];
  readonly hands: readonly HandsNeed[];
  readonly mixesByMachine: boolean;
  /** How the method says that the dough is mixed. */
  readonly mix: Method['mix'];
}

/** An instant is told to the minute. */
export const MINUTE_MS = MS_PER_MINUTE;
