import type { LookResult } from '@/server/hands/look';
import type { KeptFor } from '@/server/lots/keep-for';
import type { MoveFacts } from '@/shop/moves/types';
import type { Outcome } from '@/shop/outcome';

/** What the hands can do, as the page hands it to the view. */
export interface HandsActions {
  readonly doStep: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  /** What moving a step rests on, asked for when a drag begins. */
  readonly moveFacts: () => Promise<MoveFacts>;
  readonly moveStep: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly logLook: (form: unknown) => Promise<Outcome<LookResult>>;
  readonly skipStep: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly setAim: (form: unknown) => Promise<Outcome<{ batch: string; bestMs: number | null }>>;
  readonly actOnLot: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly takePart: (form: unknown) => Promise<Outcome<{ batch: string; lotId: string }>>;
  readonly keepFor: (form: unknown) => Promise<Outcome<KeptFor>>;
  readonly planTrial: (form: unknown) => Promise<Outcome<{ batch: string; lotId: string }>>;
  readonly applyWhatIf: (form: unknown) => Promise<Outcome<{ batch: string }>>;
  readonly undo: (batch: string) => Promise<Outcome<{ batch: string }>>;
  readonly withdrawBake: (bakeId: string) => Promise<Outcome<{ batch: string }>>;
  readonly setDemoRate: (rate: number) => Promise<Outcome<{ rate: number }>>;
}
