import { z, numberField, wholeNumberField } from '../parse';
import { YEAST_TYPES } from '../units';

/** What each field of a dough's formula may be; the same rules in forms, files and the command line. */
export const FORMULA_RULES = {
  balls: { name: 'Balls', unit: '', min: 1, max: 2000 },
  ballG: { name: 'Ball weight', unit: 'g', min: 50, max: 2000 },
  hydration: { name: 'Water', unit: '% of flour', min: 45, max: 100 },
  salt: { name: 'Salt', unit: '% of flour', min: 0, max: 5 },
  oil: { name: 'Oil', unit: '% of flour', min: 0, max: 15 },
  preferment: { name: 'Poolish share', unit: '% of flour', min: 5, max: 70 },
  loss: { name: 'Loss in the bowl', unit: '%', min: 0, max: 15 },
} as const;

const percentField = (rule: { name: string; unit: string; min: number; max: number }) =>
  numberField({ ...rule, unit: '', min: rule.min / 100, max: rule.max / 100 });

/**
 * A dough from a poolish. Every share is a fraction of the dough's total flour, but the loss,
 * which is over the dough mixed.
 */
export const formulaSchema = z.object({
  balls: wholeNumberField(FORMULA_RULES.balls),
  ballG: numberField(FORMULA_RULES.ballG),
  /** Water over total flour. */
  hydration: percentField(FORMULA_RULES.hydration),
  saltShare: percentField(FORMULA_RULES.salt),
  oilShare: percentField(FORMULA_RULES.oil),
  /** Pre-fermented flour over total flour. */
  prefermentedShare: percentField(FORMULA_RULES.preferment),
  /** Dough that stays in the bowl over dough mixed. */
  lossShare: percentField(FORMULA_RULES.loss),
  flourId: z.string().min(1).max(80),
  yeastType: z
    .enum(YEAST_TYPES as [string, ...string[]])
    .transform((type) => type as 'fresh' | 'active dry' | 'instant'),
});

/** A checked formula. */
export type Formula = z.infer<typeof formulaSchema>;

/** Water over flour of a poolish: equal weights, by definition. */
export const POOLISH_HYDRATION = 1;

/** Weights of a formula before rounding, g. */
export interface FormulaWeights {
  readonly doughG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly oilG: number;
  readonly poolishFlourG: number;
  readonly poolishWaterG: number;
}

/**
 * Unrounded weights of a formula, without its yeast (a few grams in a thousand, added to what is weighed).
 * flour · (1 + water + salt + oil) = balls · weight / (1 − loss).
 * Source: definition of baker's percentages on total flour.
 */
export function formulaWeights(formula: Formula): FormulaWeights {
  const doughG = (formula.balls * formula.ballG) / (1 - formula.lossShare);
  const flourG = doughG / (1 + formula.hydration + formula.saltShare + formula.oilShare);
  const poolishFlourG = flourG * formula.prefermentedShare;
  return {
    doughG,
    flourG,
    waterG: flourG * formula.hydration,
    saltG: flourG * formula.saltShare,
    oilG: flourG * formula.oilShare,
    poolishFlourG,
    poolishWaterG: poolishFlourG * POOLISH_HYDRATION,
  };
}
