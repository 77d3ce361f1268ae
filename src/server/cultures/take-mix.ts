import { tr, word } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import type { Act, ActOf } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, writeEntries } from '../journal/entries';
import { doneAt } from '../journal/done-at';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { culturesOf, stockOf } from '../culture-lines/registry';

const id = z.string().min(1).max(80);
const grams = (name: string) => numberField({ name, unit: 'g', min: 0, max: 500_000 });

const mixSchema = z.object({
  batch: z.string().min(8).max(80),
  /** A refresh goes on as its chain; a dough is used up. */
  as: z.enum(['refresh', 'dough']),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed.` })
    .max(60),
  cultureId: id.nullish(),
  tense: z.enum(['done', 'planned']),
  at: z.string().nullish(),
  ingredients: z.array(z.object({ ingredientId: id, massG: grams(word('Weight')) })).max(20),
  portions: z
    .array(z.object({ lotId: id, massG: grams(word('Leftover')) }))
    .min(1)
    .max(30),
  placeId: id,
  startC: numberField({ name: word('Temperature'), unit: '°C', min: 0, max: 40 }),
  by: z.string().max(60).nullish(),
});
type Mix = z.output<typeof mixSchema>;

/** Mixes a refresh of carry-over dough, or a dough with discard in it: written as done, or planned. */
export function takeMix(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string }> {
  const parsed = parseForm(mixSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const mix = parsed.value;
    const wrong = refuseMix(context, state, mix);
    if (wrong !== null) return wrong;
    const at = mix.tense === 'done' ? doneAt(mix.at, state) : plannedAt(mix.at, state);
    if (!at.ok) return at;
    const lotId = nextCode(context, state, mix.as === 'refresh' ? 'carry-over' : 'dough', at.value);
    const act = actOf(mix, lotId);
    const doing = { act, atMs: at.value, by: mix.by ?? null, bakeId: null, fulfils: null };
    const drafts =
      mix.tense === 'done'
        ? doneDrafts(context, state, doing)
        : done([{ atMs: at.value, tense: 'planned' as const, body: act as Act }]);
    if (!drafts.ok) return drafts;
    writeEntries(context, batchOf(context, mix.batch, drafts.value));
    return done({ batch: mix.batch, lotId });
  });
}

function refuseMix(context: ShopContext, state: ShopState, mix: Mix): Outcome<never> | null {
  if (!state.placeMap.has(mix.placeId)) {
    return refused('placeId', tr`Place: “${mix.placeId}” is not in the shop.`);
  }
  const strange = mix.ingredients.find((line) => !state.pantry.has(line.ingredientId));
  if (strange !== undefined) {
    return refused('ingredients', tr`Ingredient: “${strange.ingredientId}” is not in the shop.`);
  }
  if (mix.as === 'refresh' && mix.cultureId != null) {
    const chain = culturesOf(context, state).find((one) => one.id === mix.cultureId);
    if (chain?.kind !== 'carry-over') {
      return refused('cultureId', tr`Chain: “${mix.cultureId}” is not a carry-over of the shop.`);
    }
  }
  const stock = stockOf(context, state);
  for (const line of mix.portions) {
    const lot = stock.get(line.lotId);
    if (lot === undefined) {
      return refused('portions', tr`Leftover: ${line.lotId} has not been made yet.`);
    }
    const thereG = massOf(lot.composition);
    if (line.massG <= 0 || line.massG > thereG + 0.05) {
      return refused(
        'portions',
        tr`Leftover: ${line.massG} g of ${lot.name} is not possible. Allowed: above 0, up to ${Math.floor(thereG)} g.`,
      );
    }
  }
  return null;
}

/** The instant that a plan names; never in the past. */
export function plannedAt(text: string | null | undefined, state: ShopState): Outcome<number> {
  const atMs = text == null || text === '' ? state.nowMs : fromLocalText(text, state.shop.timeZone);
  if (atMs >= state.nowMs - MS_PER_MINUTE) return done(atMs);
  return refused('at', tr`At: ${String(text).replace('T', ' ')} has passed. Allowed: from now on.`);
}

function actOf(mix: Mix, lotId: string): ActOf<'make'> {
  return {
    kind: 'make',
    lotId,
    lotKind: mix.as === 'refresh' ? 'carry-over' : 'dough',
    name: mix.name,
    ...(mix.as === 'refresh' && mix.cultureId != null ? { cultureId: mix.cultureId } : {}),
    ingredients: mix.ingredients.filter((line) => line.massG > 0),
    portions: mix.portions,
    placeId: mix.placeId,
    startC: mix.startC,
    gasKept: 0,
  };
}
