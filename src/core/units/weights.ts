import { tr } from '@/words/tr';
import { DomainError } from './errors';

/** Grams in one avoirdupois ounce (exact, international yard and pound agreement 1959). */
const GRAMS_PER_OUNCE = 28.349523125;
const KILOGRAMS_PER_POUND = (16 * GRAMS_PER_OUNCE) / 1000;

/** What a pound costs, by what a kilogram does. */
export function pricePerPound(perKg: number): number {
  return perKg * KILOGRAMS_PER_POUND;
}

/** What a kilogram costs, by what a pound does. */
export function pricePerKilogram(perLb: number): number {
  return perLb / KILOGRAMS_PER_POUND;
}

/** Grams as ounces. */
export function gramsToOunces(massG: number): number {
  return massG / GRAMS_PER_OUNCE;
}

/** Ounces as grams; the inverse of {@link gramsToOunces}. */
export function ouncesToGrams(ounces: number): number {
  return ounces * GRAMS_PER_OUNCE;
}

/**
 * Rounds grams to what the scale can show, half away from zero.
 * @param stepG the scale's step, g, > 0
 * @throws {DomainError} scale-step-range
 */
export function roundToStep(massG: number, stepG: number): number {
  if (!(stepG > 0)) {
    throw new DomainError('scale-step-range', tr`Scale step: ${stepG} g is not possible.`, {
      stepG,
    });
  }
  return unfloat(Math.round(massG / stepG + 1e-9) * stepG);
}

/** Removes the binary dust that a product of steps carries (1e-9 g). */
function unfloat(massG: number): number {
  return Math.round(massG * 1e9) / 1e9;
}

/**
 * Rounds grams to the scale so that the rounded parts add up to the rounded sum
 * (largest remainders take the odd steps).
 * @param massesG parts, g, ≥ 0
 * @param stepG the scale's step, g, > 0
 * @returns parts in the same order; their sum equals roundToStep(sum, stepG)
 * @throws {DomainError} scale-step-range
 */
export function roundKeepingSum(massesG: readonly number[], stepG: number): number[] {
  const sumG = massesG.reduce((a, b) => a + b, 0);
  const floors = massesG.map((massG) => Math.floor(massG / stepG + 1e-9));
  const wantedSteps = Math.round(roundToStep(sumG, stepG) / stepG);
  const spare = wantedSteps - floors.reduce((a, b) => a + b, 0);
  const byRemainder = massesG
    .map((massG, index) => ({ index, remainder: massG / stepG - (floors[index] ?? 0) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder.slice(0, Math.max(0, spare))) {
    floors[index] = (floors[index] ?? 0) + 1;
  }
  return floors.map((steps) => unfloat(steps * stepG));
}
