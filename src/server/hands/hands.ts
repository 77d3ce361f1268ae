import { inSentence, tr, word } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { WARMEST_WATER_C } from '@/core/thermal';
import { isAct, stockAfter, type Act, type ActOf } from '@/core/journal';
import { farOffQuestion, isFar } from '@/core/mixing';
import { numberField, z } from '@/core/parse';
import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { doneAt } from '../journal/done-at';
import { batchOf, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { mixingOf } from '../mix/water';

export const GRAMS_RULE = { name: word('Grams'), unit: 'g', min: 0, max: 500_000 } as const;
const TEMP_RULE = { name: word('Temperature'), unit: '°C', min: -5, max: 40 } as const;
const WATER_RULE = { name: word('Water'), unit: '°C', min: 0, max: WARMEST_WATER_C } as const;
const COUNT_RULE = { name: word('Balls'), unit: '', min: 1, max: 2000 } as const;

/** What the hands say when a step is done: what is left out was as planned. */
const doneFormSchema = z.object({
  stepId: z.string().min(1),
  /** Made by the page, so that a second tap writes nothing twice. */
  batch: z.string().min(8).max(80),
  at: z.string().nullish(),
  by: z.string().max(60).nullish(),
  /** Temperature measured of the mass; left out when it was not measured. */
  tempC: numberField(TEMP_RULE).nullish(),
  waterC: numberField(WATER_RULE).nullish(),
  iceG: numberField(GRAMS_RULE).nullish(),
  grams: z.record(z.string(), numberField(GRAMS_RULE)).default({}),
  count: numberField(COUNT_RULE).nullish(),
  /** The baker was asked about amounts far from the plan, and means them. */
  sure: z.boolean().default(false),
});
type DoneForm = z.output<typeof doneFormSchema>;

/** Writes a planned step as done, with its real time, grams and temperature. */
export function doStep(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(doneFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { batch, stepId } = parsed.value;
    if (state.folded.done.some((one) => one.batch === batch)) return done({ batch });
    const step = state.folded.plan.find((one) => one.stepId === stepId);
    if (step === undefined) return refused(null, tr`This step was done or withdrawn already.`);
    if (isAct(step.act, 'look')) {
      return refused(null, tr`Look: say what is seen, with “Log a look”.`);
    }
    const at = doneAt(parsed.value.at, state);
    if (!at.ok) return at;
    const by = isAct(step.act, 'make')
      ? mixingOf(context, state, step.act, step.bakeId).by
      : 'hand';
    const act = actAsDone(step.act, parsed.value, by);
    const question = parsed.value.sure ? null : amountsQuestion(step.act, act, state);
    if (question !== null) return refused('sure', question);
    const drafts = doneDrafts(context, state, {
      act,
      atMs: at.value,
      by: parsed.value.by ?? null,
      bakeId: step.bakeId,
      fulfils: step.stepId,
    });
    if (!drafts.ok) return drafts;
    writeEntries(context, batchOf(context, batch, drafts.value));
    return done({ batch });
  });
}

/** What is asked about amounts far from the plan; null where they are near it. */
function amountsQuestion(planned: Act, done: Act, state: ShopState): string | null {
  if (isAct(planned, 'divide') && isAct(done, 'divide')) {
    const ball = { name: tr`a ball`, massG: done.ballG, plannedG: planned.ballG };
    const all = { name: tr`balls in all`, massG: done.count, plannedG: planned.count };
    return isFar(all.massG, all.plannedG)
      ? tr`${done.count} balls where ${planned.count} were planned: is that right?`
      : farOffQuestion([ball], planned.count * planned.ballG);
  }
  if (!isAct(planned, 'make') || !isAct(done, 'make')) return null;
  const stock = stockAfter(state.folded.done);
  const amounts = [
    ...planned.portions.map(({ lotId, massG }, i) => ({
      name: stock.get(lotId)?.name ?? lotId,
      massG: done.portions[i]?.massG ?? massG,
      plannedG: massG,
    })),
    ...planned.ingredients.map(({ ingredientId, massG }, i) => ({
      name: inSentence(state.pantry.get(ingredientId)?.name ?? ingredientId),
      massG: done.ingredients[i]?.massG ?? massG,
      plannedG: massG,
    })),
  ];
  return farOffQuestion(
    amounts,
    amounts.reduce((sum, one) => sum + one.plannedG, 0),
  );
}

/** The planned act with what was really weighed, measured and counted. */
function actAsDone(act: Act, form: DoneForm, by: 'hand' | 'mixer'): Act {
  if (isAct(act, 'make')) {
    return {
      ...act,
      startC: form.tempC ?? act.startC,
      ...(act.mixedBy === undefined ? {} : { mixedBy: by }),
      ...measuredMix(form, by),
      ingredients: act.ingredients.map((line) => ({
        ...line,
        massG: form.grams[line.ingredientId] ?? line.massG,
      })),
      portions: act.portions.map((line) => ({
        ...line,
        massG: form.grams[line.lotId] ?? line.massG,
      })),
    };
  }
  if (isAct(act, 'divide')) {
    return { ...act, count: form.count ?? act.count, ballG: form.grams['ball'] ?? act.ballG };
  }
  if (isAct(act, 'use')) return { ...act, count: form.count ?? act.count };
  return act;
}

/** Water and mixing, where both water and mass were measured: what was only planned teaches nothing. */
function measuredMix(
  form: DoneForm,
  by: 'hand' | 'mixer',
): Pick<ActOf<'make'>, 'waterC' | 'iceG' | 'mixedBy'> {
  if (form.tempC == null || form.waterC == null) return {};
  return { waterC: form.waterC, iceG: form.iceG ?? 0, mixedBy: by };
}
