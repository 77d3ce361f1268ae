import { tr } from '@/words/tr';
import { lotMadeBy, lotsTouchedBy, type PlannedAct } from '@/core/journal';
import { z } from '@/core/parse';

import type { ShopContext } from '../context';
import { batchOf, withdrawDraft, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const skipFormSchema = z.object({
  stepId: z.string().min(1),
  batch: z.string().min(8).max(80),
  reason: z
    .string()
    .trim()
    .min(1, {
      error: () => tr`Reason: say in a word why it is skipped. Allowed: 1 to 200 letters.`,
    })
    .max(200, { error: () => tr`Reason: too long. Allowed: 1 to 200 letters.` }),
  by: z.string().max(60).nullish(),
});

/** Skips a planned step, with its reason. Refused while a later step needs what it would make. */
export function skipStep(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(skipFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { stepId, batch, reason, by } = parsed.value;
    const state = loadShop(context);
    const step = state.folded.plan.find((one) => one.stepId === stepId);
    if (step === undefined) return refused(null, tr`This step was done or withdrawn already.`);
    const needing = restsOn(step, state.folded.plan);
    if (needing !== null) {
      return refused(
        null,
        tr`Skip: ${needing} needs what this step makes. Skip that one first, or withdraw the bake.`,
      );
    }
    const skipped = { ...withdrawDraft(step, state.nowMs, reason), by: by ?? null };
    writeEntries(context, batchOf(context, batch, [skipped]));
    return done({ batch });
  });
}

/** The name of a planned step that takes from what this one makes; null for none. */
function restsOn(step: PlannedAct, plan: readonly PlannedAct[]): string | null {
  const made = lotMadeBy(step.act);
  if (made === null) return null;
  const needing = plan.find((one) => one !== step && lotsTouchedBy(one.act).includes(made));
  if (needing === undefined) return null;
  if ('name' in needing.act) return needing.act.name;
  return needing.act.kind === 'use' ? tr`the bake of ${made}` : tr`a later step of ${made}`;
}
