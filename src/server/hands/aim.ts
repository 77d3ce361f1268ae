import { tr, trOf, word } from '@/words/tr';
import { stockAfter } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { ripenessRule } from '@/core/ripeness';

import type { ShopContext } from '../context';
import { batchOf, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';

const TARGET_RULE = { name: word('Target rise'), unit: '×', min: 1.05, max: 8 } as const;

const aimFormSchema = z.object({
  lotId: z.string().min(1),
  batch: z.string().min(8).max(80),
  /** Left out: back to what the table of ripeness says. */
  targetRise: numberField(TARGET_RULE).nullish(),
});

/** Sets the baker’s own target rise of a lot, or takes it back to the table’s. */
export function setAim(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; bestMs: number | null }> {
  const parsed = parseForm(aimFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { lotId, batch } = parsed.value;
    const targetRise = parsed.value.targetRise ?? null;
    const lot = forecastState(context, state).lots.get(lotId);
    if (lot === undefined || !stockAfter(state.folded.done).has(lotId)) {
      return refused('lotId', tr`Lot: ${lotId} has not been made yet; its target can be set then.`);
    }
    if (ripenessRule(lot.story.lot.kind).by !== 'target') {
      return refused(
        'targetRise',
        tr`Target rise: a ${trOf(lot.story.lot.kind)} here is ripe by its own peak or by its hours, not by a rise.`,
      );
    }
    const { peakRise } = lot.window;
    if (targetRise !== null && targetRise > peakRise) {
      return refused(
        'targetRise',
        tr`Target rise: ×${targetRise} is not possible. Allowed: 1.05 to ×${peakRise.toFixed(2)}, its greatest rise.`,
      );
    }
    const body = { kind: 'aim' as const, lotId, targetRise };
    writeEntries(
      context,
      batchOf(context, batch, [{ atMs: state.nowMs, tense: 'done', body, by: null }]),
    );
    const after = forecastState(context, loadShop(context)).lots.get(lotId);
    return done({ batch, bestMs: after?.window.bestMs ?? null });
  });
}
