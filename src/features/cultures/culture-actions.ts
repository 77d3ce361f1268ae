import type { Outcome } from '@/services/outcome';
import type { HandsActions } from '@/ui/hands/actions';

/** What can be done in the cultures' view. */
export interface CultureActions extends Pick<HandsActions, 'undo' | 'logLook'> {
  readonly takeFeed: (form: unknown) => Promise<Outcome<{ batch: string; lotId: string }>>;
}
