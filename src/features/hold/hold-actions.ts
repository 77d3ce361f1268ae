import type { Outcome } from '@/shop/outcome';

/** What the Hold or hurry view can do. */
export interface HoldActions {
  readonly take: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}
