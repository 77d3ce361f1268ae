import { mixCompositions, type Composition, type Pantry } from '../composition';
import { fromFreshEquivalentG } from '../units';
import { OIL, SALT, WATER, yeastId } from './ids';
import type { Dough, Leaven } from './dough';
import { addedG, plainWaterOf, floursG } from './weighed-lines';

/** A leaven in grams. */
export interface LeavenWeights {
  readonly leaven: Leaven;
  /** Everything in it. */
  readonly composition: Composition;
  /** What its seed brings; empty for one without. */
  readonly seed: Composition;
}

/** What one leaven of a dough is made of, for so much flour of the whole. */
export function leavenWeights(
  dough: Dough,
  leaven: Leaven,
  flourG: number,
  pantry: Pantry,
): LeavenWeights {
  const ownFlourG = leaven.flourShare * flourG;
  const blend = leaven.flours ?? dough.flours;
  const { made } = leaven;
  const base = mixCompositions([
    floursG(blend, ownFlourG),
    { [WATER]: plainWaterOf(leaven, ownFlourG, pantry) },
    addedG(leaven.added ?? [], ownFlourG),
  ]);
  if (made.by === 'yeast') {
    const massG = fromFreshEquivalentG(made.freshShare * ownFlourG, dough.yeast.type);
    return { leaven, composition: { ...base, [yeastId(dough.yeast.type)]: massG }, seed: {} };
  }
  if (made.by === 'taken') {
    const composition = {
      ...base,
      [SALT]: made.saltShare * ownFlourG,
      [OIL]: made.oilShare * ownFlourG,
    };
    return { leaven, composition, seed: {} };
  }
  const seedFlourG = seedFlourShare(made) * ownFlourG;
  const seedWaterG = seedFlourG * made.seedHydration;
  return {
    leaven,
    composition: base,
    seed: mixCompositions([floursG(blend, seedFlourG), { [WATER]: seedWaterG }]),
  };
}

/**
 * Of a build’s flour, how much comes with its seed.
 * seed = s · build flour, its flour = seed / (1 + its hydration), own flour = build flour + that.
 */
export function seedFlourShare(made: {
  readonly seedShare: number;
  readonly seedHydration: number;
}): number {
  const perBuild = made.seedShare / (1 + made.seedHydration);
  return perBuild / (1 + perBuild);
}
