import type { ProbeFault } from '@/server/shop/equipment';
import type { Outcome } from '@/shop/outcome';
import type { PlaceBefore } from '@/server/shop/place';

/** What can be done with places. */
export interface PlaceActions {
  readonly changePlace: (form: unknown) => Promise<Outcome<{ before: PlaceBefore | null }>>;
  readonly logReading: (form: unknown) => Promise<Outcome<{ batch: string; offsetC: number }>>;
  readonly troubleProbe: (form: unknown) => Promise<Outcome<{ before: ProbeFault }>>;
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}
