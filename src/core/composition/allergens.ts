import type { Composition, Pantry } from './composition';

/** What a flour carries when nothing else was said of it. */
const OF_FLOUR: readonly string[] = ['wheat'];

/**
 * Allergens of everything in a mass, each once, in alphabetical order. What an ingredient says of itself counts;
 * flour of which nothing is said is wheat. Local codes say what must be printed.
 */
export function allergensOf(composition: Composition, pantry: Pantry): string[] {
  const found = new Set<string>();
  for (const [id, massG] of Object.entries(composition)) {
    const ingredient = massG > 0 ? pantry.get(id) : undefined;
    if (ingredient === undefined) continue;
    const own = 'allergens' in ingredient ? ingredient.allergens : undefined;
    for (const one of own ?? (ingredient.kind === 'flour' ? OF_FLOUR : [])) found.add(one);
  }
  return [...found].sort();
}
