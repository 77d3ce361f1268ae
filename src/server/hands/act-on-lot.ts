import { inSentence, tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { isAct, stockAfter, type Act, type Lot } from '@/core/journal';
import { additionQuestion } from '@/core/mixing';
import { numberField, z } from '@/core/parse';
import type { ShopContext } from '../context';
import { doneAt } from '../journal/done-at';
import { batchOf, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { GRAMS_RULE } from './hands';

const actFormSchema = z.object({
  lotId: z.string().min(1),
  batch: z.string().min(8).max(80),
  at: z.string().nullish(),
  sure: z.boolean().default(false),
  act: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('fold') }),
    z.object({ kind: z.literal('move'), placeId: z.string().min(1) }),
    z.object({
      kind: z.literal('add'),
      ingredientId: z.string().min(1),
      massG: numberField({ ...GRAMS_RULE, min: 0.1 }),
    }),
  ]),
});

/** Bubbles that a fold leaves in a dough. Set. */
const GAS_KEPT_FOLDING = 0.8;

/** Writes something done to a lot outside its plan: a fold, a move, an addition by feel. */
export function actOnLot(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(actFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { lotId, batch, act } = parsed.value;
    const lot = stockAfter(state.folded.done).get(lotId);
    if (lot === undefined) return refused('lotId', tr`Lot: ${lotId} has not been made yet.`);
    const at = doneAt(parsed.value.at, state);
    if (!at.ok) return at;
    const body = bodyOf(lotId, act);
    if (isAct(body, 'move') && !state.placeMap.has(body.placeId)) {
      return refused('placeId', tr`Place: “${body.placeId}” is not in the shop.`);
    }
    if (isAct(body, 'add') && !state.pantry.has(body.ingredients[0]?.ingredientId ?? '')) {
      return refused('ingredientId', tr`Ingredient: choose one that the shop has.`);
    }
    const question = parsed.value.sure ? null : addedQuestion(act, lot, state);
    if (question !== null) return refused('sure', question);
    writeEntries(context, batchOf(context, batch, [{ atMs: at.value, tense: 'done', body }]));
    return done({ batch });
  });
}

/** What is asked about an addition that is much of its mass; null for every other act. */
function addedQuestion(
  act: z.output<typeof actFormSchema>['act'],
  { composition }: Lot,
  { pantry }: ShopState,
): string | null {
  if (act.kind !== 'add') return null;
  const name = inSentence(pantry.get(act.ingredientId)?.name) ?? act.ingredientId;
  return additionQuestion(name, act.massG, composition);
}

function bodyOf(lotId: string, act: z.output<typeof actFormSchema>['act']): Act {
  if (act.kind === 'move') return { kind: 'move', lotId, placeId: act.placeId };
  if (act.kind === 'fold') return { kind: 'work', lotId, act: 'fold', gasKept: GAS_KEPT_FOLDING };
  return {
    kind: 'add',
    lotId,
    ingredients: [{ ingredientId: act.ingredientId, massG: act.massG }],
    startC: 20,
  };
}
