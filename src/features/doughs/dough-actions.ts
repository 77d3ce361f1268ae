import type { Outcome } from '@/shop/outcome';

/** What the Doughs view can do. */
export interface DoughActions {
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
  readonly takeBake: (form: unknown) => Promise<Outcome<{ bakeId: string; batch: string }>>;
  readonly saveMethod: (
    form: unknown,
  ) => Promise<
    Outcome<{ methodId: string; versionId: string; number: number; before: string | null }>
  >;
  readonly restoreVersion: (
    versionId: string,
  ) => Promise<Outcome<{ methodId: string; number: number }>>;
  readonly retireMethod: (
    methodId: string,
    retired: boolean,
  ) => Promise<Outcome<{ methodId: string }>>;
  readonly changeFlour: (form: unknown) => Promise<Outcome<{ id: string; before: unknown }>>;
  readonly retireFlour: (form: unknown) => Promise<Outcome<{ id: string; retired: boolean }>>;
}
