import type { Outcome } from '@/services/outcome';
import type { TakenChange } from '@/services/scores/take-change';

/** What bakes side by side can do. */
export interface CompareActions {
  readonly takeChange: (form: unknown) => Promise<Outcome<TakenChange>>;
}
