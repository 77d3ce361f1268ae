import { tr } from '@/words/tr';
import { mixCompositions, type Composition, type Pantry } from '../composition';
import { DomainError, fromFreshEquivalentG } from '../units';
import { OIL, SALT, WATER, yeastId } from './ids';
import type { Dough } from './dough';
import { addedG, ofItsOwn, waterIn, floursG } from './weighed-lines';
import { type LeavenWeights, leavenWeights } from './leaven-weights';

/** A dough in grams, not rounded: whole = leavens + final mix, ingredient by ingredient. */
export interface DoughWeights {
  readonly flourG: number;
  readonly whole: Composition;
  readonly leavens: readonly LeavenWeights[];
  readonly final: Composition;
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
