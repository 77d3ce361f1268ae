import { DomainError, fromFreshEquivalentG, roundKeepingSum, roundToStep } from '../units';
import { formulaWeights, type Formula } from './formula';
import { OIL, SALT, WATER, yeastId } from './ids';
import { weighDose, type WeighedDose } from './yeast-dose';

/** One ingredient across the three columns, g as weighed. */
export interface ColumnRow {
  readonly ingredientId: string;
  readonly wholeG: number;
  readonly poolishG: number;
  readonly finalG: number;
  /** Over total flour, from the weighed grams. */
  readonly wholeShare: number;
}

/** The formula as it is weighed: whole = poolish + final mix, row by row and in all. */
export interface Columns {
  readonly rows: readonly ColumnRow[];
  readonly wholeG: number;
  readonly poolishG: number;
  readonly finalG: number;
  readonly yeast: WeighedDose;
}

/** The scales that weigh it, g a step. */
export interface ScaleSteps {
  /** Flour, water, salt, oil, dough. */
  readonly scaleStepG: number;
  /** Yeast. */
  readonly fineStepG: number;
}

/**
 * The three columns in weighable grams. Whole grams first: the whole is rounded with its sum kept,
 * the poolish is rounded, the final mix is what remains, so that nothing disagrees by a gram.
 * @param freshShare poolish dose as fresh-yeast equivalent over the poolish's flour
 * @throws {DomainError} water-below-poolish when the dough's water is less than the poolish needs
 */
export function formulaColumns(formula: Formula, freshShare: number, steps: ScaleSteps): Columns {
  const weights = formulaWeights(formula);
  if (weights.waterG < weights.poolishWaterG) {
    throw new DomainError(
      'water-below-poolish',
      `Poolish share: ${percent(formula.prefermentedShare)} % needs more water than the dough has (${percent(formula.hydration)} %). Allowed: up to ${percent(formula.hydration)} %.`,
      { prefermentedShare: formula.prefermentedShare, hydration: formula.hydration },
    );
  }
  const step = steps.scaleStepG;
  const [flourG = 0, waterG = 0, saltG = 0, oilG = 0] = roundKeepingSum(
    [weights.flourG, weights.waterG, weights.saltG, weights.oilG],
    step,
  );
  const poolishFlourG = roundToStep(weights.poolishFlourG, step);
  const poolishWaterG = Math.min(poolishFlourG, waterG);
  const yeast = weighDose({
    doseG: fromFreshEquivalentG(freshShare * poolishFlourG, formula.yeastType),
    stepG: steps.fineStepG,
    waterStepG: step,
    waterG: poolishWaterG,
  });
  const row = (ingredientId: string, wholeG: number, poolishG: number): ColumnRow => ({
    ingredientId,
    wholeG,
    poolishG,
    finalG: tidy(wholeG - poolishG),
    wholeShare: wholeG / flourG,
  });
  const rows = [
    row(formula.flourId, flourG, poolishFlourG),
    row(WATER, waterG, poolishWaterG),
    row(SALT, saltG, 0),
    ...(oilG > 0 ? [row(OIL, oilG, 0)] : []),
    row(yeastId(formula.yeastType), yeast.weighedG, yeast.weighedG),
  ];
  const total = (of: (row: ColumnRow) => number) => tidy(rows.reduce((sum, r) => sum + of(r), 0));
  return {
    rows,
    wholeG: total((r) => r.wholeG),
    poolishG: total((r) => r.poolishG),
    finalG: total((r) => r.finalG),
    yeast,
  };
}

const percent = (share: number) => Math.round(share * 1000) / 10;
const tidy = (massG: number) => Math.round(massG * 1e6) / 1e6;
