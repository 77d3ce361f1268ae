import type { Lot } from '../journal';

/** The key under which the speed of the shop's baker's yeast is learned. */
export const BAKERS_YEAST = 'bakers-yeast';

const BY_BAKERS_YEAST = new Set(['poolish', 'sponge', 'biga']);

/** The culture whose speed a look at this lot teaches; null for doughs and balls, which mix several. */
export function cultureOf(lot: Pick<Lot, 'cultureId' | 'kind'>): string | null {
  if (lot.cultureId !== null) return lot.cultureId;
  return BY_BAKERS_YEAST.has(lot.kind) ? BAKERS_YEAST : null;
}

/** Kinds that live by the culture they were seeded from alone. */
const BY_SEED = new Set(['starter', 'stiff starter', 'levain', 'discard']);

/** The culture whose speed a lot goes by: its own, or that of the lot it was seeded from; null for doughs. */
export function seedCultureOf(
  lot: Pick<Lot, 'cultureId' | 'kind' | 'madeFrom'>,
  lotOf: (lotId: string) => Lot | undefined,
): string | null {
  const own = cultureOf(lot);
  if (own !== null || !BY_SEED.has(lot.kind)) return own;
  const seed = lot.madeFrom.map(lotOf).find((one) => one !== undefined);
  return seed === undefined ? null : seedCultureOf(seed, lotOf);
}
