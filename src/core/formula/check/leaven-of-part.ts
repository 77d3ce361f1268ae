import type { Dough, Leaven } from '../dough';
import { usualLeaven } from '../leaven-kinds';
import { freshGrams, waterShareIn } from './contents';
import type { RecipePart } from './parts';
import type { RecipeThing } from './words';

/** A thing of a recipe with its grams. */
export interface Weighed {
  readonly index: number;
  readonly raw: string;
  readonly thing: RecipeThing;
  /** Water over its own flour, for a leaven. */
  readonly hydration: number | null;
  readonly massG: number;
}

/** Grams of a yeast as fresh; 0 for what is none. */
export const freshOf = ({ thing, massG }: Weighed): number =>
  thing.kind === 'yeast' ? freshGrams(thing.id, massG) : 0;

/** Water in water and liquids, g. */
const waterIn = ({ thing, massG }: Weighed): number =>
  thing.kind === 'water' ? massG : massG * waterShareIn(thing.id);

/** A seed as flour, its water and its grams; nothing where none goes in. */
function seedOf(inIt: readonly Weighed[]) {
  const seeds = inIt.filter(({ thing }) => thing.kind === 'leaven');
  let [flourG, waterG, massG] = [0, 0, 0];
  for (const one of seeds) {
    const hydration = one.hydration ?? one.thing.hydration ?? 1;
    const flour = one.massG / (1 + hydration);
    flourG += flour;
    waterG += flour * hydration;
    massG += one.massG;
  }
  return { flourG, waterG, massG, cultureId: seeds[0]?.thing.cultureId ?? null };
}

/** What goes into a leaven beside flour, water, yeast and seed, over its flour. */
function addedTo(inIt: readonly Weighed[], flourG: number): NonNullable<Leaven['added']> {
  const byId = new Map<string, number>();
  for (const { thing, massG } of inIt) {
    if (!['sugar', 'liquid', 'extra', 'salt'].includes(thing.kind)) continue;
    byId.set(thing.id, (byId.get(thing.id) ?? 0) + massG);
  }
  return [...byId].map(([ingredientId, massG]) => ({ ingredientId, share: massG / flourG }));
}

/** A part of a recipe as a leaven: its own flour, water and yeast or seed as they are weighed. */
export function leavenOfPart(
  part: RecipePart,
  inIt: readonly Weighed[],
  whole: { readonly id: string; readonly flourG: number; readonly flours: Dough['flours'] | null },
): Leaven {
  const seed = seedOf(inIt);
  const sum = (of: (one: Weighed) => number) => inIt.reduce((all, one) => all + of(one), 0);
  const newFlourG = sum(({ thing, massG }) => (thing.kind === 'flour' ? massG : 0));
  const flourG = newFlourG + seed.flourG;
  const waterG = sum(waterIn) + seed.waterG;
  const freshG = sum(freshOf);
  const usual = usualLeaven(part.kind, whole.id);
  const added = addedTo(inIt, flourG);
  return {
    ...usual,
    name: named(part.name),
    hydration: flourG > 0 ? waterG / flourG : usual.hydration,
    flourShare: flourG / whole.flourG,
    flours: whole.flours,
    ...(added.length === 0 ? {} : { added }),
    made: madeBy(usual, { seed, newFlourG, freshShare: flourG > 0 ? freshG / flourG : 0 }),
  };
}

const named = (name: string) => (name.charAt(0).toUpperCase() + name.slice(1)).slice(0, 30);

/** By yeast or by seed as the recipe weighs it; as usual for its kind, and found anew, where it says neither. */
function madeBy(
  usual: Leaven,
  by: {
    readonly seed: ReturnType<typeof seedOf>;
    readonly newFlourG: number;
    readonly freshShare: number;
  },
): Leaven['made'] {
  const { seed, newFlourG, freshShare } = by;
  if (seed.massG > 0 && newFlourG > 0) {
    return {
      by: 'seed',
      seedShare: seed.massG / newFlourG,
      seedHydration: seed.waterG / seed.flourG,
      cultureId: seed.cultureId,
      typed: true,
    };
  }
  if (freshShare > 0) return { by: 'yeast', freshShare, typed: true };
  return usual.made;
}
