import { tr } from '@/words/tr';
import { isUsedUp } from '@/core/journal';
import { z } from '@/core/parse';

import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { stockOf } from '../culture-lines/registry';
import { isFrozen } from './rows/of';
import { plannedAt } from './take-mix';

const thawSchema = z.object({
  lotId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  outAt: z.string().min(1, { error: () => tr`Out of the freezer: an hour is needed.` }),
  roomAt: z.string().min(1, { error: () => tr`Out of the fridge: an hour is needed.` }),
  fridgeId: z.string().min(1).max(80),
  roomId: z.string().min(1).max(80),
});

/** Plans a thaw: out of the freezer, out of the fridge. What was planned of it before is withdrawn. */
export function takeThaw(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(thawSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { lotId, batch, outAt, roomAt, fridgeId, roomId } = parsed.value;
    const lot = stockOf(context, state).get(lotId);
    if (lot === undefined || isUsedUp(lot) || !isFrozen(lot, { state })) {
      return refused('lotId', tr`Bag: ${lotId} is not in a freezer.`);
    }
    const strange = [fridgeId, roomId].find((placeId) => !state.placeMap.has(placeId));
    if (strange !== undefined)
      return refused('placeId', tr`Place: “${strange}” is not in the shop.`);
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
    const before = state.folded.plan.flatMap((step): EntryDraft[] =>
      step.act.kind === 'move' && step.act.lotId === lotId
        ? [
            {
              atMs: state.nowMs,
              tense: 'planned',
              bakeId: step.bakeId,
              body: { kind: 'withdraw', supersedes: step.stepId },
            },
          ]
        : [],
    );
    const move = (atMs: number, placeId: string): EntryDraft => ({
      atMs,
      tense: 'planned',
      body: { kind: 'move', lotId, placeId },
    });
    const moves = [
      ...(room.value - out.value > 5 * 60_000 ? [move(out.value, fridgeId)] : []),
      move(room.value, roomId),
    ];
    writeEntries(context, batchOf(context, batch, [...before, ...moves]));
    return done({ batch });
  });
}
