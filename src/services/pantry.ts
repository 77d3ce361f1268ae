import type { Ingredient, Pantry } from '@/core/composition';
import { OIL, SALT, WATER, yeastId } from '@/core/formula';
import type { Flour } from '@/core/flour';
import { YEAST_TYPES } from '@/core/units';

const ALWAYS_THERE: readonly Ingredient[] = [
  { kind: 'water', id: WATER, name: 'Water' },
  { kind: 'salt', id: SALT, name: 'Salt' },
  { kind: 'oil', id: OIL, name: 'Oil' },
  { kind: 'sugar', id: 'sugar', name: 'Sugar', worth: 1 },
  { kind: 'sugar', id: 'honey', name: 'Honey', worth: 0.8 },
  { kind: 'sugar', id: 'malt-extract', name: 'Malt extract', worth: 0.6 },
  { kind: 'sugar', id: 'malt-diastatic', name: 'Diastatic malt', worth: 0.6, diastatic: true },
  ...YEAST_TYPES.map((type): Ingredient => ({
    kind: 'yeast',
    id: yeastId(type),
    name: `${type.charAt(0).toUpperCase()}${type.slice(1)} yeast`,
    type,
  })),
];

/** Everything a shop can weigh, from its flours. */
export function pantryOf(flours: readonly Flour[]): Pantry {
  const ingredients: Ingredient[] = [
    ...flours.map((flour): Ingredient => ({ kind: 'flour', ...flour })),
    ...ALWAYS_THERE,
  ];
  return new Map(ingredients.map((ingredient) => [ingredient.id, ingredient]));
}
