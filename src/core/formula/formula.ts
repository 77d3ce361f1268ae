import { word } from '@/words/tr';
import { z, numberField, wholeNumberField } from '../parse';
import { YEAST_TYPES } from '../units';

/** What each field of a dough's formula may be; the same rules in forms, files and the command line. */
export const FORMULA_RULES = {
  balls: { name: word('Balls'), unit: '', min: 1, max: 2000 },
  ballG: { name: word('Ball weight'), unit: 'g', min: 50, max: 2000 },
  hydration: { name: word('Water'), unit: word('% of flour'), min: 45, max: 100 },
  salt: { name: word('Salt'), unit: word('% of flour'), min: 0, max: 5 },
  oil: { name: word('Oil'), unit: word('% of flour'), min: 0, max: 15 },
  preferment: { name: word('Poolish share'), unit: word('% of flour'), min: 5, max: 70 },
  loss: { name: word('Loss in the bowl'), unit: '%', min: 0, max: 15 },
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
