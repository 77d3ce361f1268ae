import { tr } from '@/words/tr';
import type { Pantry } from '@/core/composition';
import type { ShopForecast } from '@/core/forecast';
import { WATER } from '@/core/formula';
import type { Act, ActOf } from '@/core/journal';
import { lookWords } from '@/shop/lots/sign-words';
import type { MomentLine } from '@/shop/hands/moment';

/** What a lot is called. */
export const nameOf = (lotId: string, forecast: ShopForecast) =>
  forecast.lots.get(lotId)?.story.lot.name ?? lotId;

/** What an act weighs, gives or asks, line by line. */
export function linesOf(act: Act, pantry: Pantry, forecast: ShopForecast): MomentLine[] {
  switch (act.kind) {
    case 'make':
      return [
        ...soakedLine(act, pantry),
        ...act.portions.map((line) => ({
          label: nameOf(line.lotId, forecast),
          massG: line.massG,
        })),
        ...stillToWeigh(act, pantry).map((line) => ({
          label: pantry.get(line.ingredientId)?.name ?? line.ingredientId,
          massG: line.massG,
        })),
      ];
    case 'add':
    case 'soak':
      return act.ingredients.map((line) => ({
        label: pantry.get(line.ingredientId)?.name ?? line.ingredientId,
        massG: line.massG,
      }));
    case 'split':
      return [{ label: nameOf(act.lotId, forecast), massG: act.massG }];
    case 'divide':
      return [
        { label: tr`balls`, text: String(act.count) },
        { label: tr`each`, massG: act.ballG },
      ];
    case 'use':
      return [{ label: tr`balls`, text: String(act.count) }];
    case 'look':
      return lookLines(act);
    default:
      return [];
  }
}

/** Flour and water that soaked before, as one. */
function soakedLine({ soaked, ingredients }: ActOf<'make'>, pantry: Pantry): MomentLine[] {
  if (soaked === undefined) return [];
  const flourG = ingredients.reduce(
    (sum, line) => sum + (pantry.get(line.ingredientId)?.kind === 'flour' ? line.massG : 0),
    0,
  );
  return [{ label: tr`Soaked flour and water`, massG: flourG + soaked.waterG }];
}

/** What goes into a mix beside what soaked before. */
function stillToWeigh({ soaked, ingredients }: ActOf<'make'>, pantry: Pantry) {
  if (soaked === undefined) return ingredients;
  return ingredients
    .filter((line) => pantry.get(line.ingredientId)?.kind !== 'flour')
    .map((line) =>
      line.ingredientId === WATER ? { ...line, massG: line.massG - soaked.waterG } : line,
    )
    .filter((line) => line.massG > 0);
}

function lookLines(act: ActOf<'look'>): MomentLine[] {
  const words = lookWords(act.signs);
  return words.length === 0 ? [] : [{ label: words.join(', ') }];
}
