import { waterShareOf } from '../../composition';
import { toFreshEquivalentG, type YeastType } from '../../units';
import { pantryOf } from '../pantry';

/** Everything a recipe may name beside flours and leavens, with its water. */
const PANTRY = pantryOf([]);

/** Water over its own weight of a thing that is no flour, yeast or plain water; 0 where it holds none. */
export function waterShareIn(id: string): number {
  const ingredient = PANTRY.get(id);
  return ingredient === undefined || ingredient.kind === 'water' ? 0 : waterShareOf(ingredient);
}

const YEAST_TYPES: Readonly<Record<string, YeastType>> = {
  'yeast-fresh': 'fresh',
  'yeast-active-dry': 'active dry',
  'yeast-instant': 'instant',
};

/** The type of a yeast by what a recipe calls it; instant for one that is not known. */
export const yeastTypeOf = (id: string): YeastType => YEAST_TYPES[id] ?? 'instant';

/** Grams of a yeast as fresh. */
export const freshGrams = (id: string, massG: number): number =>
  toFreshEquivalentG(massG, yeastTypeOf(id));

/** Grams as a sentence says them: tenths under ten. */
export const gramsText = (massG: number): string =>
  String(massG < 10 ? Math.round(massG * 10) / 10 : Math.round(massG));
