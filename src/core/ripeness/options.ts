import type { AskedRipeness, LotKind } from './kinds';

/** What to judge a run by. */
export interface WindowOptions {
  readonly kind: LotKind;
  /** How ripe a leaven is wanted; prime where absent. */
  readonly asks?: AskedRipeness;
  /** The baker's own target rise, × the volume just mixed; replaces the table's. */
  readonly targetRise?: number;
  /** What becomes of a target above the greatest rise: refused, or taken as near as it gets (a target set earlier). */
  readonly targetTooHigh?: 'refuse' | 'cap';
}
