import { requireNumber } from '../units';

/** What of a mass stays the same while it ripens; every share is of its total flour. */
export interface Recipe {
  /** Water over flour. */
  readonly hydration: number;
  readonly saltShare: number;
  /** Added sugar over flour, as sucrose. */
  readonly sugarShare: number;
  /** Wholegrain flour over flour. */
  readonly wholegrainShare: number;
  /** Strength of the flour, W, 10⁻⁴ J. */
  readonly strengthW: number;
  /** Mass of the whole lot, or of one ball, g: it sets how slowly the core follows the place. */
  readonly massG: number;
  /** Speed of the culture against the book, 1 = as the book. */
  readonly speed: number;
}

/** Strength assumed when neither W nor protein is known, 10⁻⁴ J. */
export const UNKNOWN_STRENGTH_W = 280;

const RULES = {
  hydration: { name: 'Hydration', unit: '', min: 0.2, max: 3 },
  saltShare: { name: 'Salt', unit: 'of flour', min: 0, max: 0.2 },
  sugarShare: { name: 'Sugar', unit: 'of flour', min: 0, max: 0.5 },
  wholegrainShare: { name: 'Wholegrain share', unit: 'of flour', min: 0, max: 1 },
  strengthW: { name: 'Flour strength', unit: 'W', min: 50, max: 600 },
  massG: { name: 'Mass', unit: 'g', min: 0.1, max: 1_000_000 },
  speed: { name: 'Culture speed', unit: '', min: 0.05, max: 20 },
} as const;

/**
 * A checked recipe; what is left out is plain white flour at book speed.
 * @throws {DomainError} recipe-hydration, recipe-saltShare, … one code for each field
 */
export function recipe(fields: Partial<Recipe> & Pick<Recipe, 'hydration' | 'massG'>): Recipe {
  const whole: Recipe = {
    saltShare: 0,
    sugarShare: 0,
    wholegrainShare: 0,
    strengthW: UNKNOWN_STRENGTH_W,
    speed: 1,
    ...fields,
  };
  for (const [field, rule] of Object.entries(RULES)) {
    requireNumber(`recipe-${field}`, whole[field as keyof Recipe], rule);
  }
  return whole;
}
