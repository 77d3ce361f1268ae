import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { isAct, type ActOf, type PlannedAct } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { roundToStep } from '@/core/units';

import type { ShopContext } from '../context';
import { batchOf, replaceDraft, type EntryDraft, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const formSchema = z.object({
  lotId: z.string().min(1),
  batch: z.string().min(8).max(80),
  placeId: z.string().min(1),
  yeastG: numberField({ name: word('Yeast'), unit: 'g', min: 0.001, max: 5000 }).nullish(),
  motherG: numberField({ name: word('Mother'), unit: 'g', min: 1, max: 100_000 }).nullish(),
  flourG: numberField({ name: word('Flour'), unit: 'g', min: 1, max: 100_000 }).nullish(),
  waterG: numberField({ name: word('Water'), unit: 'g', min: 1, max: 100_000 }).nullish(),
});
type UseForm = z.output<typeof formSchema>;

/** Takes a what-if over: a planned make gets its place, yeast or ratio; a lot that stands there is moved. */
export function applyWhatIf(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(formSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { lotId, placeId, batch } = parsed.value;
    if (!state.placeMap.has(placeId)) {
      return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
    }
    const step = state.folded.plan.find((one) => isAct(one.act, 'make') && one.act.lotId === lotId);
    const drafts: EntryDraft[] =
      step === undefined
        ? [{ atMs: state.nowMs, tense: 'done', body: { kind: 'move', lotId, placeId } }]
        : [replaceDraft(step, step.atMs, changed(step, parsed.value, state))];
    writeEntries(context, batchOf(context, batch, drafts));
    return done({ batch });
  });
}

function changed(step: PlannedAct, form: UseForm, state: ShopState): ActOf<'make'> {
  const act = step.act as ActOf<'make'>;
  const { scaleStepG, fineStepG } = state.shop;
  const grams: Readonly<Record<string, number | null | undefined>> = {
    yeast: form.yeastG,
    flour: form.flourG,
    water: form.waterG,
  };
  return {
    ...act,
    placeId: form.placeId,
    ingredients: act.ingredients.map((line) => {
      const kind = state.pantry.get(line.ingredientId)?.kind ?? '';
      const massG = grams[kind];
      const stepG = kind === 'yeast' ? fineStepG : scaleStepG;
      return massG == null ? line : { ...line, massG: roundToStep(massG, stepG) };
    }),
    portions: act.portions.map((line, index) =>
      index > 0 || form.motherG == null
        ? line
        : { ...line, massG: roundToStep(form.motherG, scaleStepG) },
    ),
  };
}
