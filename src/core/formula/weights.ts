import { tr } from '@/words/tr';
import { mixCompositions, waterShareOf, type Composition, type Pantry } from '../composition';
import type { FlourPart } from '../flour';
import { DomainError, fromFreshEquivalentG } from '../units';
import { OIL, SALT, WATER, yeastId } from './ids';
import type { Dough, Leaven } from './dough';

/** A dough in grams, not rounded: whole = leavens + final mix, ingredient by ingredient. */
export interface DoughWeights {
  readonly flourG: number;
  readonly whole: Composition;
  readonly leavens: readonly LeavenWeights[];
  readonly final: Composition;
}

/** A leaven in grams. */
export interface LeavenWeights {
  readonly leaven: Leaven;
  /** Everything in it. */
  readonly composition: Composition;
  /** What its seed brings; empty for one without. */
  readonly seed: Composition;
}

/**
 * Grams of a whole dough and of its parts for so much flour.
 * @param flourG all flour of the dough, g, > 0
 * @throws {DomainError} leaven-exceeds-dough where a leaven brings more of something than the dough has of it
 * @throws {DomainError} leaven-liquids-too-wet where what is added to a leaven brings more water than it is to have
 * @throws {DomainError} ingredient-unknown
 * Source: definition of baker's percentages on total flour.
 */
export function doughWeights(dough: Dough, flourG: number, pantry: Pantry): DoughWeights {
  const leavens = dough.leavens.map((leaven) => leavenWeights(dough, leaven, flourG, pantry));
  const added = mixCompositions([
    addedG(dough.added, flourG),
    ...dough.leavens.map((leaven) => ofItsOwn(leaven, flourG)),
  ]);
  const broughtWaterG = waterIn(added, pantry);
  const fixed = mixCompositions([
    floursG(dough.flours, flourG),
    { [WATER]: dough.hydration * flourG - broughtWaterG },
    { [SALT]: dough.saltShare * flourG, [OIL]: dough.oilShare * flourG },
    added,
  ]);
  const inLeavens = mixCompositions(leavens.map((one) => one.composition));
  const yeast = yeastId(dough.yeast.type);
  const finalYeastG = fromFreshEquivalentG(dough.yeast.freshShare * flourG, dough.yeast.type);
  const final: Record<string, number> = {};
  for (const [ingredientId, massG] of Object.entries(fixed)) {
    final[ingredientId] = leftFor(ingredientId, massG, inLeavens[ingredientId] ?? 0, pantry);
  }
  refuseStrangers(inLeavens, fixed, yeast, pantry);
  final[yeast] = finalYeastG;
  return {
    flourG,
    whole: mixCompositions([final, inLeavens]),
    leavens,
    final,
  };
}

/** What of an ingredient is left for the final mix. */
function leftFor(ingredientId: string, wholeG: number, inLeavensG: number, pantry: Pantry): number {
  const leftG = wholeG - inLeavensG;
  if (leftG >= 0) return leftG;
  // A hair of rounding is nothing.
  if (leftG > -1e-6 * Math.max(1, wholeG)) return 0;
  throw exceeds(pantry.get(ingredientId)?.name ?? ingredientId, ingredientId, wholeG, inLeavensG);
}

function exceeds(name: string, ingredientId: string, wholeG: number, inLeavensG: number) {
  const round = (massG: number) => Math.round(massG * 10) / 10;
  return new DomainError(
    'leaven-exceeds-dough',
    tr`${name}: the leavens bring ${round(inLeavensG)} g, the whole dough has ${round(wholeG)} g. Allowed: less leaven, or more of it in the dough.`,
    { ingredientId, wholeG, inLeavensG },
  );
}

/** A leaven may only hold what the dough holds. */
function refuseStrangers(
  inLeavens: Composition,
  fixed: Composition,
  yeast: string,
  pantry: Pantry,
): void {
  for (const [ingredientId, massG] of Object.entries(inLeavens)) {
    if (massG > 1e-9 && fixed[ingredientId] === undefined && ingredientId !== yeast) {
      throw exceeds(pantry.get(ingredientId)?.name ?? ingredientId, ingredientId, 0, massG);
    }
  }
}

/** Grams of what is added by its share of a flour. */
const addedG = (
  added: readonly { readonly ingredientId: string; readonly share: number }[],
  flourG: number,
): Composition =>
  mixCompositions(added.map(({ ingredientId, share }) => ({ [ingredientId]: share * flourG })));

/** What a leaven brings that the dough does not count elsewhere: its salt and oil are of the dough’s salt and oil. */
function ofItsOwn(leaven: Leaven, flourG: number): Composition {
  const own = (leaven.added ?? []).filter(
    ({ ingredientId }) => ingredientId !== SALT && ingredientId !== OIL,
  );
  return addedG(own, leaven.flourShare * flourG);
}

/** Water in liquids and sugars, g. */
function waterIn(added: Composition, pantry: Pantry): number {
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
function plainWaterOf(leaven: Leaven, ownFlourG: number, pantry: Pantry): number {
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

/** Flours in grams. */
function floursG(parts: readonly FlourPart[], flourG: number): Composition {
  return mixCompositions(parts.map((part) => ({ [part.flourId]: part.share * flourG })));
}

/** Grams of dough for a gram of flour, yeast included; a dough that was asked for before is not weighed again. */
export function doughPerFlour(dough: Dough, pantry: Pantry): number {
  const known = perFlourKnown.get(dough);
  if (known?.pantry === pantry) return known.perFlour;
  const { whole } = doughWeights(dough, 1, pantry);
  const perFlour = Object.values(whole).reduce((a, b) => a + b, 0);
  perFlourKnown.set(dough, { pantry, perFlour });
  return perFlour;
}

/** Doughs are values that nobody writes to. */
const perFlourKnown = new WeakMap<Dough, { readonly pantry: Pantry; readonly perFlour: number }>();
