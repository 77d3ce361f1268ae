import type { Outcome } from '@/shop/outcome';
import type { DemandRow, ShopWish } from '@/server/plan/view';

/** What was stored of a service, and what it was before; null of one that is new. */
export interface Stored {
  readonly id: string;
  readonly before: DemandRow | null;
}

/** What the Plan view can do. */
export interface PlanActions {
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
  readonly take: (form: unknown) => Promise<Outcome<{ bakeId: string; batch: string }>>;
  readonly replan: (form: unknown) => Promise<Outcome<{ bakeId: string; batch: string }>>;
  readonly planFeeds: (form: unknown) => Promise<Outcome<{ batch: string; feeds: number }>>;
  readonly stateDemand: (form: unknown) => Promise<Outcome<Stored>>;
  readonly withdrawDemand: (id: string, withdrawn: boolean) => Promise<Outcome<{ id: string }>>;
  readonly splitDemand: (form: unknown) => Promise<Outcome<{ id: string; before: DemandRow }>>;
  readonly skipDemandDay: (form: unknown) => Promise<Outcome<{ id: string }>>;
  readonly withdrawBake: (bakeId: string) => Promise<Outcome<{ batch: string }>>;
  readonly setWish: (form: unknown) => Promise<Outcome<{ before: ShopWish }>>;
  readonly pin: (stepId: string, pinned: boolean) => Promise<Outcome<{ pinned: boolean }>>;
  readonly move: (form: unknown) => Promise<Outcome<{ batch: string }>>;
}
