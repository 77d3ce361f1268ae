import type { Outcome } from '@/shop/outcome';
import type { TakenChange } from '@/server/scores/take-change';

/** What bakes side by side can do. */
export interface CompareActions {
  readonly takeChange: (form: unknown) => Promise<Outcome<TakenChange>>;
}
