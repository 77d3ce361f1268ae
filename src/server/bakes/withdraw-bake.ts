import { tr } from '@/words/tr';
import type { ShopContext } from '../context';
import { batchOf, withdrawDraft, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { loadShop } from '../shop/load-shop';

/** Withdraws what is still planned of a bake; what was done stays done. */
export function withdrawBake(context: ShopContext, bakeId: string): Outcome<{ batch: string }> {
  const { folded, nowMs } = loadShop(context);
  const steps = folded.plan.filter((step) => step.bakeId === bakeId);
  if (steps.length === 0)
    return refused(null, tr`Withdraw: nothing of this bake is still planned.`);
  const entries = batchOf(
    context,
    context.newId(),
    steps.map((step) => withdrawDraft(step, nowMs)),
  );
  writeEntries(context, entries);
  return done({ batch: entries[0]?.batch ?? '' });
}
