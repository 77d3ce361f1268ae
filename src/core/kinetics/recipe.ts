import { word } from '@/words/tr';
import { requireNumber } from '../units';

/** What of a mass stays the same while it ripens; every share is of its total flour. */
export interface Recipe {
  /** Water over flour. */
  readonly hydration: number;
  readonly saltShare: number;
  /** Added sugar over flour, as sucrose. */
  readonly sugarShare: number;
  /** Diastatic malt over flour. */
  readonly diastaticShare: number;
  /** Wholegrain flour over flour. */
  readonly wholegrainShare: number;
  /** Strength of the flour, W, 10⁻⁴ J. */
  readonly strengthW: number;
  /** Mass of the whole lot, or of one ball, g: it sets how slowly the core follows the place. */
  readonly massG: number;
  /** Thickness of a flat bag, mm: the core then follows by it and not by the mass; null for a lump. */
  readonly flatMm: number | null;
  /** Speed of the culture against the book, 1 = as the book. */
  readonly speed: number;
}

/** Strength assumed when neither W nor protein is known, 10⁻⁴ J. */
export const UNKNOWN_STRENGTH_W = 280;

const FLAT_RULE = { name: word('Thickness'), unit: 'mm', min: 2, max: 300 } as const;
const RULES = {
  hydration: { name: word('Hydration'), unit: '', min: 0.2, max: 3 },
  saltShare: { name: word('Salt'), unit: word('of flour'), min: 0, max: 0.2 },
  sugarShare: { name: word('Sugar'), unit: word('of flour'), min: 0, max: 0.5 },
  diastaticShare: { name: word('Diastatic malt'), unit: word('of flour'), min: 0, max: 0.05 },
  wholegrainShare: { name: word('Wholegrain share'), unit: word('of flour'), min: 0, max: 1 },
  strengthW: { name: word('Flour strength'), unit: 'W', min: 50, max: 600 },
  massG: { name: word('Mass'), unit: 'g', min: 0.1, max: 1_000_000 },
  speed: { name: word('Culture speed'), unit: '', min: 0.05, max: 20 },
} as const;

/**
 * A checked recipe; what is left out is plain white flour at book speed.
 * @throws {DomainError} recipe-hydration, recipe-saltShare, … one code for each field
 */
export function recipe(fields: Partial<Recipe> & Pick<Recipe, 'hydration' | 'massG'>): Recipe {
  const whole: Recipe = {
    saltShare: 0,
    sugarShare: 0,
    diastaticShare: 0,
    flatMm: null,
    wholegrainShare: 0,
    strengthW: UNKNOWN_STRENGTH_W,
    speed: 1,
    ...fields,
  };
  for (const [field, rule] of Object.entries(RULES)) {
    requireNumber(`recipe-${field}`, whole[field as keyof typeof RULES], rule);
  }
  if (whole.flatMm !== null) requireNumber('recipe-flatMm', whole.flatMm, FLAT_RULE);
  return whole;
}
