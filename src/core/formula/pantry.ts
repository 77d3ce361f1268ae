import type { Ingredient, Pantry } from '../composition';
import type { Flour } from '../flour';
import { YEAST_TYPES } from '../units';
import { OIL, SALT, WATER, yeastId } from './ids';

const seeds = (id: string, name: string, allergens: readonly string[] = []): Ingredient => ({
  kind: 'extra',
  id,
  name,
  allergens,
});
const liquid = (
  id: string,
  name: string,
  waterShare: number,
  allergens: readonly string[] = [],
): Ingredient => ({ kind: 'liquid', id, name, waterShare, allergens });

/** What every shop can weigh beside its flours. Water in liquids and honey: handbook values, rounded. */
const ALWAYS_THERE: readonly Ingredient[] = [
  { kind: 'water', id: WATER, name: 'Water' },
  { kind: 'salt', id: SALT, name: 'Salt' },
  { kind: 'oil', id: OIL, name: 'Oil' },
  { kind: 'sugar', id: 'sugar', name: 'Sugar', worth: 1 },
  { kind: 'sugar', id: 'honey', name: 'Honey', worth: 0.8, waterShare: 0.17 },
  { kind: 'sugar', id: 'malt-extract', name: 'Malt extract', worth: 0.6, waterShare: 0.2 },
  { kind: 'sugar', id: 'malt-diastatic', name: 'Diastatic malt', worth: 0.6, diastatic: true },
  liquid('sparkling-water', 'Sparkling water', 1),
  liquid('milk', 'Milk', 0.88, ['milk']),
  liquid('yoghurt', 'Yoghurt', 0.88, ['milk']),
  liquid('egg', 'Egg', 0.76, ['egg']),
  liquid('butter', 'Butter', 0.16, ['milk']),
  seeds('seeds-sesame', 'Sesame seeds', ['sesame']),
  seeds('seeds-sunflower', 'Sunflower seeds'),
  seeds('seeds-linseed', 'Linseed'),
  seeds('herbs-dried', 'Dried herbs'),
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
