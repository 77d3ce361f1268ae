import type { Outcome } from '@/shop/outcome';

/** What a bake’s page can do. */
export interface ScoreActions {
  readonly score: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}
