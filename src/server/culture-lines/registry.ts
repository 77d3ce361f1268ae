import { tr } from '@/words/tr';
import { done, refused, type Outcome } from '@/shop/outcome';
import { isStarter, type Culture } from '@/core/cultures';
import type { ShopState } from '@/shop/state';
import { totals, massOf } from '@/core/composition';
import { isUsedUp, stockAfter, type Folded, type Lot } from '@/core/journal';
import { listCultures } from '@/data';
import type { ShopContext } from '../context';
import { remembering } from '../remembering';

/** Water over flour under which a starter is stiff. */
const STIFF_UNDER = 0.7;

/** What is assumed of a culture that nobody described. */
export const UNDESCRIBED = {
  saltShare: 0,
  keepG: 20,
  vesselTareG: 0,
  vesselMl: 1000,
  everyH: 24,
  usualRatio: 4,
  thinnestRatio: 10,
  discardTo: null,
  keepsDays: null,
  limitG: null,
  begunMs: null,
  retiredMs: null,
} as const;

/** Every culture of the shop: those that were described, and those the journal knows by their lots alone. */
export function culturesOf(context: ShopContext, state: ShopState): Culture[] {
  const described = listCultures(context.db);
  const known = new Set(described.map((culture) => culture.id));
  const found = new Map<string, Culture>();
  for (const lot of stockOf(context, state).values()) {
    if (lot.cultureId === null || known.has(lot.cultureId)) continue;
    const culture = fromLot(lot, lot.cultureId, state);
    if (culture !== null) found.set(lot.cultureId, culture);
  }
  return [...described, ...found.values()];
}

function fromLot(lot: Lot, id: string, state: ShopState): Culture | null {
  const sum = totals(lot.composition, state.pantry);
  if (!(sum.flourG > 0)) return null;
  const hydration = Math.min(2, Math.max(0.4, Math.round((sum.waterG / sum.flourG) * 20) / 20));
  const flourId = Object.keys(lot.composition).find(
    (one) => state.pantry.get(one)?.kind === 'flour',
  );
  return {
    ...UNDESCRIBED,
    id,
    name: lot.name,
    kind: hydration < STIFF_UNDER ? 'stiff starter' : 'liquid starter',
    hydration,
    flours: [{ flourId: flourId ?? '', share: 1 }],
    placeId: lot.placeId,
  };
}

interface Stock {
  readonly done: Folded['done'];
  readonly stock: ReadonlyMap<string, Lot>;
}
const stocks = remembering<Stock>('stock');

/** The stock of the shop as everything done leaves it; remembered until the journal changes. */
export function stockOf(context: ShopContext, state: ShopState): ReadonlyMap<string, Lot> {
  const { done } = state.folded;
  const known = stocks.get(context);
  if (known?.done === done) return known.stock;
  const stock = stockAfter(done);
  stocks.set(context, { done, stock });
  return stock;
}

/** Lots of a culture that are not used up, youngest first. */
export function lotsOfCulture(stock: ReadonlyMap<string, Lot>, cultureId: string): Lot[] {
  return [...stock.values()]
    .filter((lot) => lot.cultureId === cultureId && !isUsedUp(lot))
    .sort((a, b) => b.madeAtMs - a.madeAtMs);
}

/** The jar that carries a culture on: the youngest that was fed, else the youngest bag or back-up. */
export function currentJar(stock: ReadonlyMap<string, Lot>, cultureId: string): Lot | null {
  const lots = lotsOfCulture(stock, cultureId);
  return lots.find((lot) => !lot.part) ?? lots[0] ?? null;
}

/** The culture whose jar a lot is: a starter of the shop that is neither a back-up nor retired. */
export function motherOf(lot: Lot | undefined, cultures: readonly Culture[]): Culture | null {
  if (lot === undefined || lot.part || lot.cultureId === null) return null;
  const culture = cultures.find((one) => one.id === lot.cultureId);
  return culture !== undefined && isStarter(culture) && culture.retiredMs === null ? culture : null;
}

/** Grams of a lot. */
export const gramsOf = (lot: Lot) => massOf(lot.composition);

/** A starter of the shop by its id, or why there is none. */
export function starterNamed(context: ShopContext, state: ShopState, id: string): Outcome<Culture> {
  const culture = culturesOf(context, state).find((one) => one.id === id);
  if (culture === undefined || !isStarter(culture)) {
    return refused('cultureId', tr`Culture: “${id}” is not a starter of the shop.`);
  }
  return done(culture);
}
