import type { Places } from '@/core/forecast';
import type { HoldQuestion } from '@/core/planner/hold';
/** What the worker runs moves on. */
export type HoldFacts = Omit<HoldQuestion, 'places' | 'draws'> & {
  readonly places: Places;
};
