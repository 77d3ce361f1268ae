import { tr } from '@/words/tr';
import { strengthOf, type Flour } from '../flour';
import { DomainError, toFreshEquivalentG, type YeastType } from '../units';

/** What an ingredient is, for sums and for the kinetics. */
export type Ingredient =
  | ({ readonly kind: 'flour' } & Flour)
  | {
      readonly kind: 'water' | 'salt' | 'oil';
      readonly id: string;
      readonly name: string;
    }
  | {
      readonly kind: 'sugar';
      readonly id: string;
      readonly name: string;
      /** What yeast can take of a gram, against sucrose = 1. */
      readonly worth: number;
      /** True for malt whose enzymes are alive. */
      readonly diastatic?: boolean;
      /** Water in a gram of it, as in honey. */
      readonly waterShare?: number;
    }
  | {
      /** A liquid that is not plain water: its water counts as water. */
      readonly kind: 'liquid';
      readonly id: string;
      readonly name: string;
      /** Water in a gram of it. */
      readonly waterShare: number;
      readonly allergens?: readonly string[];
    }
  | {
      /** Seeds and the like: weight that neither ferments nor wets. */
      readonly kind: 'extra';
      readonly id: string;
      readonly name: string;
      readonly allergens?: readonly string[];
    }
  | {
      readonly kind: 'yeast';
      readonly id: string;
      readonly name: string;
      readonly type: YeastType;
    };

/** The ingredients a shop knows, by id. */
export type Pantry = ReadonlyMap<string, Ingredient>;

/** Grams of each ingredient in a mass, by ingredient id. Never mutated. */
export type Composition = Readonly<Record<string, number>>;

/** Sums of a composition by kind, g. */
export interface CompositionTotals {
  readonly flourG: number;
  /** Water of every source: plain, in liquids, in honey. */
  readonly waterG: number;
  readonly saltG: number;
  readonly oilG: number;
  readonly sugarG: number;
  /** Sugars as grams of sucrose that yeast can take. */
  readonly fermentableG: number;
  readonly diastaticG: number;
  /** Baker's yeast as fresh-yeast equivalent, g. */
  readonly freshYeastG: number;
  /** Everything, as weighed, g. */
  readonly massG: number;
  /** Flour-weighted strength W. */
  readonly strengthW: number;
  /** Flour-weighted share of whole grain. */
  readonly wholegrainShare: number;
}

/** Water in a gram of an ingredient. */
export function waterShareOf(ingredient: Ingredient): number {
  if (ingredient.kind === 'water') return 1;
  return ingredient.kind === 'liquid' || ingredient.kind === 'sugar'
    ? (ingredient.waterShare ?? 0)
    : 0;
}

/** Everything in several masses together; grams are conserved. */
export function mixCompositions(parts: readonly Composition[]): Composition {
  const sum: Record<string, number> = {};
  for (const part of parts) {
    for (const [id, massG] of Object.entries(part)) sum[id] = (sum[id] ?? 0) + massG;
  }
  return sum;
}

/** Grams of everything in a mass. */
export function massOf(composition: Composition): number {
  return Object.values(composition).reduce((a, b) => a + b, 0);
}

/**
 * Takes part of a mass: what is taken and what stays, which add up to the whole.
 * @param takenG grams to take, 0 to the whole mass (a hair of rounding, 1e-6 g, is forgiven)
 * @throws {DomainError} portion-exceeds-mass
 */
export function portion(
  composition: Composition,
  takenG: number,
): { taken: Composition; left: Composition } {
  const massG = massOf(composition);
  if (!(takenG >= 0) || takenG > massG + 1e-6) {
    throw new DomainError(
      'portion-exceeds-mass',
      tr`Taken: ${takenG} g is not possible. Allowed: 0 to ${massG} g.`,
      { takenG, massG },
    );
  }
  const share = massG > 0 ? Math.min(1, takenG / massG) : 0;
  const taken: Record<string, number> = {};
  const left: Record<string, number> = {};
  for (const [id, partG] of Object.entries(composition)) {
    taken[id] = partG * share;
    left[id] = partG - taken[id];
  }
  return { taken, left };
}

/**
 * Sums of a composition by kind.
 * @throws {DomainError} ingredient-unknown
 */
export function totals(composition: Composition, pantry: Pantry): CompositionTotals {
  const sum = { flour: 0, water: 0, salt: 0, oil: 0, sugar: 0, yeast: 0, liquid: 0, extra: 0 };
  let broughtWaterG = 0;
  let freshYeastG = 0;
  let fermentableG = 0;
  let diastaticG = 0;
  let strength = 0;
  let wholegrain = 0;
  for (const [id, massG] of Object.entries(composition)) {
    const ingredient = pantry.get(id);
    if (ingredient === undefined) {
      throw new DomainError('ingredient-unknown', tr`Ingredient: "${id}" is not in the shop.`, {
        id,
      });
    }
    sum[ingredient.kind] += massG;
    broughtWaterG += massG * waterShareOf(ingredient);
    if (ingredient.kind === 'yeast') freshYeastG += toFreshEquivalentG(massG, ingredient.type);
    if (ingredient.kind === 'sugar') {
      fermentableG += massG * ingredient.worth;
      if (ingredient.diastatic === true) diastaticG += massG;
    }
    if (ingredient.kind === 'flour') {
      strength += massG * strengthOf(ingredient);
      wholegrain += massG * ingredient.wholegrainShare;
    }
  }
  const flourG = sum.flour;
  return {
    flourG,
    waterG: broughtWaterG,
    saltG: sum.salt,
    oilG: sum.oil,
    sugarG: sum.sugar,
    fermentableG,
    diastaticG,
    freshYeastG,
    massG: massOf(composition),
    strengthW: flourG > 0 ? strength / flourG : 0,
    wholegrainShare: flourG > 0 ? wholegrain / flourG : 0,
  };
}
