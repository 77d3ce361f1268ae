import { tr, trOf, word } from '@/words/tr';
import type { Ingredient, Pantry } from '../composition';
import type { Flour } from '../flour';
import { YEAST_TYPES } from '../units';
import { OIL, SALT, WATER, yeastId } from './ids';

const seeds = (id: string, name: string, allergens: readonly string[] = []): Ingredient => ({
  kind: 'extra',
  id,
  get name() {
    return trOf(name);
  },
  allergens,
});
const liquid = (
  id: string,
  name: string,
  waterShare: number,
  allergens: readonly string[] = [],
): Ingredient => ({
  kind: 'liquid',
  id,
  get name() {
    return trOf(name);
  },
  waterShare,
  allergens,
});

const YEAST_NAMES = {
  fresh: word('Fresh yeast'),
  'active dry': word('Active dry yeast'),
  instant: word('Instant yeast'),
} as const;

/** What every shop can weigh beside its flours. Water in liquids and honey: handbook values, rounded. */
const ALWAYS_THERE: readonly Ingredient[] = [
  {
    kind: 'water',
    id: WATER,
    get name() {
      return tr`Water`;
    },
  },
  {
    kind: 'salt',
    id: SALT,
    get name() {
      return tr`Salt`;
    },
  },
  {
    kind: 'oil',
    id: OIL,
    get name() {
      return tr`Oil`;
    },
  },
  {
    kind: 'sugar',
    id: 'sugar',
    get name() {
      return tr`Sugar`;
    },
    worth: 1,
  },
  {
    kind: 'sugar',
    id: 'honey',
    get name() {
      return tr`Honey`;
    },
    worth: 0.8,
    waterShare: 0.17,
  },
  {
    kind: 'sugar',
    id: 'malt-extract',
    get name() {
      return tr`Malt extract`;
    },
    worth: 0.6,
    waterShare: 0.2,
  },
  {
    kind: 'sugar',
    id: 'malt-diastatic',
    get name() {
      return tr`Diastatic malt`;
    },
    worth: 0.6,
    diastatic: true,
  },
  liquid('sparkling-water', word('Sparkling water'), 1),
  liquid('milk', word('Milk'), 0.88, ['milk']),
  liquid('yoghurt', word('Yoghurt'), 0.88, ['milk']),
  liquid('egg', word('Egg'), 0.76, ['egg']),
  liquid('butter', word('Butter'), 0.16, ['milk']),
  seeds('seeds-sesame', word('Sesame seeds'), ['sesame']),
  seeds('seeds-sunflower', word('Sunflower seeds')),
  seeds('seeds-linseed', word('Linseed')),
  seeds('herbs-dried', word('Dried herbs')),
  ...YEAST_TYPES.map((type): Ingredient => ({
    kind: 'yeast',
    id: yeastId(type),
    get name() {
      return trOf(YEAST_NAMES[type]);
    },
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
