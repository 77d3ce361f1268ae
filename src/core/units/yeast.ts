/** Baker's yeast as sold. */
export type YeastType = 'fresh' | 'active dry' | 'instant';

/** The types in the order of their strength, weakest first. */
export const YEAST_TYPES: readonly YeastType[] = ['fresh', 'active dry', 'instant'];

/**
 * Grams of one type that do the work of 1 g fresh yeast.
 * Source: the trade's usual exchange, 1 : 0.42 : 0.34.
 */
const GRAMS_PER_FRESH_GRAM: Readonly<Record<YeastType, number>> = {
  fresh: 1,
  'active dry': 0.42,
  instant: 0.34,
};

/** Grams of yeast as grams of fresh-yeast equivalent. */
export function toFreshEquivalentG(massG: number, type: YeastType): number {
  return massG / GRAMS_PER_FRESH_GRAM[type];
}

/** Grams of fresh-yeast equivalent as grams of a type; the inverse of {@link toFreshEquivalentG}. */
export function fromFreshEquivalentG(freshG: number, type: YeastType): number {
  return freshG * GRAMS_PER_FRESH_GRAM[type];
}
