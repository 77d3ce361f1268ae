import { tr } from '@/words/tr';
import { isAct, type Lot } from '@/core/journal';
import { massOf } from '@/core/composition';
import type { Culture } from '@/core/cultures';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../../context';
import { culturesOf, starterNamed } from '../../culture-lines/registry';
import type { Made, Makes } from './form';

/** Weighed amounts may come to so much more than the sum says, g. */
const WEIGHED_G = 0.05;

/** True for what is made of a starter. */
const isOfStarter = ({ as }: Made): boolean => as === 'feed' || as === 'levain';

/** The culture that a wish goes by, null for a dough of its own; refused where the shop has none such. */
export function cultureWished(
  context: ShopContext,
  state: ShopState,
  { cultureId, makes }: Makes,
): Outcome<Culture | null> {
  if (makes.some(isOfStarter)) {
    return makes.every(isOfStarter)
      ? starterNamed(context, state, cultureId ?? '')
      : refused('makes', tr`Feeds in a row: feeds and a levain of one starter, nothing else.`);
  }
  if (cultureId == null || makes.every(({ as }) => as === 'dough')) return done(null);
  const chain = culturesOf(context, state).find((one) => one.id === cultureId);
  return chain?.kind === 'carry-over'
    ? done(chain)
    : refused('cultureId', tr`Chain: “${cultureId}” is not a carry-over of the shop.`);
}

/** Why something can not be made so; null where it can. */
export function whyNotMade(
  made: Made,
  around: {
    readonly state: ShopState;
    readonly stock: ReadonlyMap<string, Lot>;
    readonly isFirst: boolean;
  },
): Outcome<never> | null {
  const { state, stock, isFirst } = around;
  if (made.as === 'dough' && (made.name ?? '') === '') {
    return refused('name', tr`Name: a name is needed.`);
  }
  if (!state.placeMap.has(made.placeId)) {
    return refused('placeId', tr`Place: “${made.placeId}” is not in the shop.`);
  }
  return whyNotOf(made, state) ?? whyNotTaken(made.portions, { state, stock, isFirst });
}

function whyNotOf(made: Made, { pantry }: ShopState): Outcome<never> | null {
  const kindOf = (id: string) => pantry.get(id)?.kind;
  const strange = made.ingredients.find(({ ingredientId }) => !pantry.has(ingredientId));
  if (strange !== undefined) {
    return refused('ingredients', tr`Ingredient: “${strange.ingredientId}” is not in the shop.`);
  }
  if (!isOfStarter(made)) return null;
  const other = made.ingredients.find(
    ({ ingredientId }) => ingredientId !== 'water' && kindOf(ingredientId) !== 'flour',
  );
  if (other !== undefined) {
    return refused('ingredients', tr`Flour: “${other.ingredientId}” is not a flour of the shop.`);
  }
  return made.ingredients.some(({ ingredientId }) => kindOf(ingredientId) === 'flour')
    ? null
    : refused('ingredients', tr`Flour: a flour of the shop is needed.`);
}

function whyNotTaken(
  portions: Made['portions'],
  around: {
    readonly state: ShopState;
    readonly stock: ReadonlyMap<string, Lot>;
    readonly isFirst: boolean;
  },
): Outcome<never> | null {
  for (const { lotId, massG } of portions) {
    if (massG <= 0) {
      return refused('portions', tr`Leaven: ${massG} g is not possible. Allowed: above 0.`);
    }
    if (lotId == null && !around.isFirst) continue;
    const lot = around.stock.get(lotId ?? '');
    if (lot === undefined && isPlanned(lotId ?? '', around.state)) continue;
    if (lot === undefined) {
      return refused('portions', tr`Leaven: ${lotId ?? ''} has not been made yet.`);
    }
    const thereG = massOf(lot.composition);
    if (massG > thereG + WEIGHED_G) {
      return refused(
        'portions',
        tr`Leaven: ${massG} g of ${lot.name} is not possible. Allowed: above 0, up to ${Math.floor(thereG)} g, what is there.`,
      );
    }
  }
  return null;
}

/** True for a lot that is still to be made. */
const isPlanned = (lotId: string, state: ShopState): boolean =>
  state.folded.plan.some(({ act }) => isAct(act, 'make') && act.lotId === lotId);
