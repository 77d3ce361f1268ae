import { inSentence, tr } from '@/words/tr';
import { targetColumns } from '@/core/formula';
import { hoursRange, usualHours } from '@/core/methods';
import { recipeJsonLd } from '@/formats/recipe-jsonld';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';
import { methodRows } from './methods';

/** A method as a recipe that other programs read; null for a method that the shop does not have. */
export function recipeOut(
  context: ShopContext,
  methodId: string,
): { name: string; text: string } | null {
  const state = loadShop(context);
  const row = methodRows(context, state).find((one) => one.id === methodId);
  if (row === undefined) return null;
  const { method } = row;
  const { pantry, shop } = state;
  const columns = targetColumns(method, shop, pantry);
  const leavenH = Object.values(method.leavenStays).map(usualHours);
  const place = (id: string) => inSentence(state.placeMap.get(id)?.name ?? id);
  const stays = (all: typeof method.bulk) =>
    all.map((one) => `${one.hours} h ${place(one.placeId)}`).join(', then ');
  const products = method.target.by === 'products' ? method.target.products : [];
  return {
    name: method.name,
    text: recipeJsonLd(method, {
      lines: columns.rows
        .filter((one) => one.wholeG > 0)
        .map((one) => ({
          name: inSentence(pantry.get(one.ingredientId)?.name ?? one.ingredientId),
          massG: one.wholeG,
        })),
      steps: [
        ...columns.leavens.map(
          ({ leaven, totalG }) =>
            tr`Build the ${inSentence(leaven.name)}, ${Math.round(totalG)} g: ${stays(method.leavenStays[leaven.id] ?? [])}.`,
        ),
        tr`Mix to ${method.mix.aimC} °C.`,
        tr`Bulk: ${stays(method.bulk)}.`,
        tr`Balls: ${stays(method.balls)}, ${hoursRange(method.balls).leastH} to ${hoursRange(method.balls).mostH} h in all.`,
        tr`Bake.`,
      ],
      yields:
        products
          .map((one) => `${one.count} × ${one.weightG} g ${inSentence(one.name)}`)
          .join(', ') || tr`${Math.round(columns.wholeG)} g of dough`,
      hours: Math.max(0, ...leavenH) + usualHours(method.bulk) + usualHours(method.balls),
    }),
  };
}
