import { MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-acts';
import type { Demand, HandsNeed } from '../week';

/** A plan as it would be taken. */
export interface CheckedPlan {
  readonly demand: Demand;
  readonly steps: readonly BakeStep[];
  /** Stand-ins for what is not in the shop yet. */
  readonly assumed: readonly BakeStep[];
  readonly hands: readonly HandsNeed[];
  readonly mixesByMachine: boolean;
}

/** An instant is told to the minute. */
export const MINUTE_MS = MS_PER_MINUTE;
