import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { listStepPeople, saveStepPerson } from '@/data';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';

const assignSchema = z.object({
  stepId: z.string().min(1).max(80),
  /** Null: anybody. */
  who: z.string().min(1).max(60).nullable(),
});

/** Says whose hands a planned step is for; answers whose it was, so that it can be put back. */
export function assignStep(
  context: ShopContext,
  form: unknown,
): Outcome<{ before: string | null }> {
  const parsed = parseForm(assignSchema, form);
  if (!parsed.ok) return parsed;
  const { stepId, who } = parsed.value;
  const { folded, shop } = loadShop(context);
  if (!folded.plan.some((step) => step.stepId === stepId)) {
    return refused(null, tr`This step was done or withdrawn already.`);
  }
  if (who !== null && !shop.people.includes(who)) {
    return refused(
      'who',
      tr`Who: “${who}” does not work here. Allowed: ${shop.people.join(', ') || tr`nobody yet`}.`,
    );
  }
  const before = listStepPeople(context.db).get(stepId) ?? null;
  saveStepPerson(context.db, stepId, who);
  return done({ before });
}
