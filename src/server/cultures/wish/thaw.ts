import { tr } from '@/words/tr';
import { isUsedUp } from '@/core/journal';
import { MS_PER_MINUTE } from '@/core/units';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../../context';
import { stockOf } from '../../culture-lines/registry';
import { withdrawDraft, type EntryDraft } from '../../journal/entries';
import { plannedAt } from '../../journal/planned-at';
import { isFrozen } from '../rows/of';
import type { Thaw } from './form';
import type { WishDrafts } from './drafts';

/** A stay in the fridge that is shorter is none, min. */
const NO_STAY_MIN = 5;

/** A thaw: out of the freezer, out of the fridge. What was planned of the lot before is withdrawn. */
export function thawDrafts(
  context: ShopContext,
  state: ShopState,
  { lotId, outAt, roomAt, fridgeId, roomId }: Thaw,
): Outcome<WishDrafts> {
  const lot = stockOf(context, state).get(lotId);
  if (lot === undefined || isUsedUp(lot) || !isFrozen(lot, { state })) {
    return refused('lotId', tr`Bag: ${lotId} is not in a freezer.`);
  }
  const strange = [fridgeId, roomId].find((placeId) => !state.placeMap.has(placeId));
  if (strange !== undefined) return refused('placeId', tr`Place: “${strange}” is not in the shop.`);
  const out = plannedAt(outAt, state);
  if (!out.ok) return out;
  const room = plannedAt(roomAt, state);
  if (!room.ok) return room;
  if (room.value < out.value) {
    return refused(
      'roomAt',
      tr`Out of the fridge: earlier than out of the freezer. Allowed: after it.`,
    );
  }
  const before = state.folded.plan
    .filter(({ act }) => act.kind === 'move' && act.lotId === lotId)
    .map((step) => withdrawDraft(step, state.nowMs));
  const move = (atMs: number, placeId: string): EntryDraft => ({
    atMs,
    tense: 'planned',
    body: { kind: 'move', lotId, placeId },
  });
  const stays = room.value - out.value > NO_STAY_MIN * MS_PER_MINUTE;
  const moves = [...(stays ? [move(out.value, fridgeId)] : []), move(room.value, roomId)];
  return done({ drafts: [...before, ...moves], lotIds: [lotId] });
}
