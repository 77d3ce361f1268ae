import { tr } from '@/words/tr';
import type { Pantry } from '../composition';
import type { ActOf } from '../journal';
import type { Method } from '../methods';
import { MS_PER_MINUTE } from '../units';
import type { BakeStep } from './bake-step';

/** Yeast is put into warm water with a little sugar so long before the mix, and asks so much of the hands, min. Set. */
const BLOOM_MIN = 10;
const BLOOM_HANDS_MIN = 3;

/**
 * A mix whose dry yeast is woken before it, where the method blooms it and there is some: the step that does, and the mix whose
 * yeast is awake. Fresh yeast is awake as it is; the mix as it is for everything else.
 */
export function bloomedFor(
  mix: ActOf<'make'>,
  { schools }: Pick<Method, 'schools'>,
  mixAtMs: number,
  { pantry }: { readonly pantry: Pantry },
): { readonly steps: BakeStep[]; readonly mix: ActOf<'make'> } {
  const isDry = mix.ingredients.some(({ ingredientId, massG }) => {
    const found = pantry.get(ingredientId);
    return massG > 0 && found?.kind === 'yeast' && found.type !== 'fresh';
  });
  if (schools.yeast !== 'bloomed' || !isDry) return { steps: [], mix };
  return {
    steps: [
      {
        atMs: mixAtMs - BLOOM_MIN * MS_PER_MINUTE,
        act: { kind: 'do', what: tr`Bloom the yeast`, minutes: BLOOM_HANDS_MIN },
      },
    ],
    mix: { ...mix, bloomed: true },
  };
}
