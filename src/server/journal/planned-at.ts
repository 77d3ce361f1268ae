import { tr } from '@/words/tr';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { ShopState } from '@/shop/state';

/** The instant that a plan names, now when none is named; never in the past. */
export function plannedAt(text: string | null | undefined, state: ShopState): Outcome<number> {
  const atMs = text == null || text === '' ? state.nowMs : fromLocalText(text, state.shop.timeZone);
  if (atMs >= state.nowMs - MS_PER_MINUTE) return done(atMs);
  return refused('at', tr`At: ${String(text).replace('T', ' ')} has passed. Allowed: from now on.`);
}
