import { word } from '@/words/tr';
import { requireNumber, roundToStep } from '../units';
import { type Product } from './target';

/** Pieces of one kind as they are divided. */
export interface DividedProduct {
  readonly name: string;
  readonly count: number;
  readonly weightG: number;
}

/** A dough divided. */
export interface Divided {
  readonly products: readonly DividedProduct[];
  /** What is left over, g: a small ball, or carry-over. */
  readonly remainderG: number;
  readonly remainder: 'none' | 'small ball' | 'carry-over';
}

const DOUGH_RULE = { name: word('Dough weighed'), unit: 'g', min: 1, max: 5_000_000 } as const;
/** A remainder of this share of a piece or more is a small ball; less goes to carry-over. Source: the trade's habit; set. */
const SMALL_BALL_FROM = 0.6;

/**
 * Divides the dough that was really made by the plan: the counts stay, the weights use it up
 * (12 balls of 243 g instead of 250), all products shrinking or growing by the same factor.
 * @param doughG dough weighed, g
 * @param stepG step of the scale, g
 * @throws {DomainError} dough-range, scale-step-range
 */
export function redivide(doughG: number, products: readonly Product[], stepG: number): Divided {
  requireNumber('dough-range', doughG, DOUGH_RULE);
  const plannedG = products.reduce((sum, one) => sum + one.count * one.weightG, 0);
  const factor = doughG / plannedG;
  const divided = products.map((one) => {
    const weightG = floorToStep(one.weightG * factor, stepG);
    return { name: one.name, count: one.count, weightG };
  });
  return withRemainder(doughG, divided);
}

/**
 * Divides at the planned weight: as many pieces of the last product as the dough gives, the rest is a remainder.
 * @throws {DomainError} dough-range
 */
export function divideByWeight(doughG: number, products: readonly Product[]): Divided {
  requireNumber('dough-range', doughG, DOUGH_RULE);
  let leftG = doughG;
  const divided = products.map((one, index) => {
    const fits = Math.floor(leftG / one.weightG + 1e-9);
    const count = index === products.length - 1 ? fits : Math.min(one.count, fits);
    leftG -= count * one.weightG;
    return { name: one.name, count, weightG: one.weightG };
  });
  return withRemainder(doughG, divided);
}

/** What is left of a dough once its pieces are off it, and what it is good for. */
export function withRemainder(doughG: number, products: readonly DividedProduct[]): Divided {
  const usedG = products.reduce((sum, one) => sum + one.count * one.weightG, 0);
  const remainderG = Math.max(0, Math.round((doughG - usedG) * 1e6) / 1e6);
  const smallest = Math.min(...products.map((one) => one.weightG));
  const remainder =
    remainderG < Math.min(20, 0.1 * smallest)
      ? 'none'
      : remainderG >= SMALL_BALL_FROM * smallest
        ? 'small ball'
        : 'carry-over';
  return { products, remainderG, remainder };
}

/** Never more than there is: rounded down to the scale. */
function floorToStep(massG: number, stepG: number): number {
  const nearest = roundToStep(massG, stepG);
  return nearest > massG + 1e-9 ? roundToStep(nearest - stepG, stepG) : nearest;
}
