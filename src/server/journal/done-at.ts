import { tr } from '@/words/tr';
import { fromLocalText, MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import type { ShopState } from '@/shop/state';
import { done, refused, type Outcome } from '@/shop/outcome';

/** Entries may be written this far back. */
const LONGEST_BACK_MS = 14 * 24 * MS_PER_HOUR;

/** The instant a baker names, now when none is named; never in the future. */
export function doneAt(text: string | null | undefined, state: ShopState): Outcome<number> {
  if (text === null || text === undefined || text === '') return done(state.nowMs);
  const atMs = fromLocalText(text, state.shop.timeZone);
  if (atMs > state.nowMs + MS_PER_MINUTE) {
    return refused(
      'at',
      tr`Done at: ${text.replace('T', ' ')} is still to come. Allowed: up to now.`,
    );
  }
  if (atMs < state.nowMs - LONGEST_BACK_MS) {
    return refused(
      'at',
      tr`Done at: ${text.replace('T', ' ')} is too long ago. Allowed: the last 14 days.`,
    );
  }
  return done(atMs);
}
