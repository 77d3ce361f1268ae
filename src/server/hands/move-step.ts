import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { batchOf, replaceDraft, writeEntries } from '../journal/entries';
import { moveFacts } from './move-facts';
import { movedSteps } from '@/shop/moves/moved-steps';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const moveFormSchema = z.object({
  stepId: z.string().min(1),
  batch: z.string().min(8).max(80),
  at: z.string().min(1),
});

/** Moves a planned step to another hour. Later steps of the dough follow the mix; while the poolish is not made, its dose follows too. */
export function moveStep(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(moveFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { batch } = parsed.value;
    const step = state.folded.plan.find((one) => one.stepId === parsed.value.stepId);
    if (step === undefined) return refused(null, tr`This step was done or withdrawn already.`);
    const atMs = fromLocalText(parsed.value.at, state.shop.timeZone);
    if (atMs < state.nowMs - MS_PER_MINUTE) {
      return refused(
        'at',
        tr`Move to: ${parsed.value.at.replace('T', ' ')} has passed. Allowed: from now on.`,
      );
    }
    const moved = movedSteps(moveFacts(context, state), step, atMs);
    if (!moved.ok) return moved;
    const drafts = moved.value.map((one) => replaceDraft(one.step, one.atMs, one.act));
    writeEntries(context, batchOf(context, batch, drafts));
    return done({ batch });
  });
}
