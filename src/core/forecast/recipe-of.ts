import { totals, type Composition, type Pantry } from '../composition';
import { recipe, type Recipe } from '../kinetics';

/** More diastatic malt than this makes no more difference to the model, over flour. */
const MOST_MALT = 0.05;

/**
 * The recipe of a composition for the kinetics.
 * @param as.pieceG mass of one piece when it stands divided; the whole otherwise
 * @throws {DomainError} ingredient-unknown, recipe-hydration, …
 */
export function recipeOf(
  composition: Composition,
  pantry: Pantry,
  as: { readonly pieceG: number | null; readonly flatMm?: number | null; readonly speed: number },
): Recipe {
  const sum = totals(composition, pantry);
  return recipe({
    hydration: sum.waterG / sum.flourG,
    saltShare: sum.saltG / sum.flourG,
    sugarShare: sum.fermentableG / sum.flourG,
    diastaticShare: Math.min(MOST_MALT, sum.diastaticG / sum.flourG),
    wholegrainShare: sum.wholegrainShare,
    strengthW: sum.strengthW,
    massG: as.pieceG ?? sum.massG,
    flatMm: as.flatMm ?? null,
    speed: as.speed,
  });
}
