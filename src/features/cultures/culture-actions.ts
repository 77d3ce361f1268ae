import type { Outcome } from '@/shop/outcome';
import type { HandsActions } from '@/ui/hands/actions';
import type { Culture } from '@/core/cultures';

type Act<T> = (form: unknown) => Promise<Outcome<{ batch: string } & T>>;

/** What can be done in the cultures' view. */
export interface CultureActions extends Pick<HandsActions, 'undo' | 'logLook' | 'takePart'> {
  readonly describeCulture: Act<{ id: string; before: Culture | null }>;
  readonly bringIn: Act<{ lotId: string; path: string }>;
  readonly restCulture: Act<{ lotId: string }>;
  readonly retireCulture: Act<{ id: string }>;
  readonly takeWish: Act<{ lotIds: readonly string[] }>;
}
