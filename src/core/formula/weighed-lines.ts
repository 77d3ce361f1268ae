import { tr } from '@/words/tr';
import { mixCompositions, waterShareOf, type Composition, type Pantry } from '../composition';
import type { FlourPart } from '../flour';
import { DomainError } from '../units';
import { OIL, SALT } from './ids';
import type { Leaven } from './dough';

/** Grams of what is added by its share of a flour. */
export const addedG = (
  added: readonly { readonly ingredientId: string; readonly share: number }[],
  flourG: number,
): Composition =>
  mixCompositions(added.map(({ ingredientId, share }) => ({ [ingredientId]: share * flourG })));

/** What a leaven brings that the dough does not count elsewhere: its salt and oil are of the dough’s salt and oil. */
export function ofItsOwn(leaven: Leaven, flourG: number): Composition {
  const own = (leaven.added ?? []).filter(
    ({ ingredientId }) => ingredientId !== SALT && ingredientId !== OIL,
  );
  return addedG(own, leaven.flourShare * flourG);
}

/** Water in liquids and sugars, g. */
export function waterIn(added: Composition, pantry: Pantry): number {
  return Object.entries(added).reduce((sum, [ingredientId, massG]) => {
    const ingredient = pantry.get(ingredientId);
    if (ingredient === undefined) {
      throw new DomainError(
        'ingredient-unknown',
        tr`Added: “${ingredientId}” is not in the shop.`,
        {
          ingredientId,
        },
      );
    }
    return sum + massG * waterShareOf(ingredient);
  }, 0);
}

/** A leaven’s plain water: what its liquids leave of all its water, g. */
export function plainWaterOf(leaven: Leaven, ownFlourG: number, pantry: Pantry): number {
  const allG = leaven.hydration * ownFlourG;
  const broughtG = waterIn(addedG(leaven.added ?? [], ownFlourG), pantry);
  if (broughtG <= allG * (1 + 1e-9)) return Math.max(0, allG - broughtG);
  const percent = (massG: number) => Math.round((1000 * massG) / ownFlourG) / 10;
  throw new DomainError(
    'leaven-liquids-too-wet',
    tr`${leaven.name}: what is added to it brings ${percent(broughtG)} % water, it is to have ${percent(allG)} %. Allowed: less of it, or a wetter leaven.`,
    { leavenId: leaven.id },
  );
}

/** Flours in grams. */
export function floursG(parts: readonly FlourPart[], flourG: number): Composition {
  return mixCompositions(parts.map((part) => ({ [part.flourId]: part.share * flourG })));
}
