import type { Lot } from '../journal';

/** The key under which the speed of the shop's baker's yeast is learned. */
export const BAKERS_YEAST = 'bakers-yeast';

const BY_BAKERS_YEAST = new Set(['poolish', 'sponge', 'biga']);

/** The culture whose speed a look at this lot teaches; null for doughs and balls, which mix several. */
export function cultureOf(lot: Pick<Lot, 'cultureId' | 'kind'>): string | null {
  if (lot.cultureId !== null) return lot.cultureId;
  return BY_BAKERS_YEAST.has(lot.kind) ? BAKERS_YEAST : null;
}
