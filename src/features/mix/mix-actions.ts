import type { Outcome } from '@/shop/outcome';

/** What a mix card can do. */
export interface MixActions {
  readonly mark: (form: unknown) => Promise<Outcome<{ markId: string }>>;
  readonly finish: (
    form: unknown,
  ) => Promise<Outcome<{ batch: string; written: boolean; waitsFor: number }>>;
  readonly handleScale: (form: unknown) => Promise<Outcome<{ massG: number | null }>>;
  readonly doStep: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
}
