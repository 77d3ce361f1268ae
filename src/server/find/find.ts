import { tr, trOf } from '@/words/tr';
import { TERMS } from '@/core/glossary';
import { isUsedUp, type Lot } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import { listBakes, listCultures } from '@/data';
import type { Findable, FoundInShop } from '@/shop/find/findable';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { methodRows } from '../doughs/methods';
import { loadShop } from '../shop/load-shop';

/** Lots that are used up and bakes that are held can be found for so many days; older ones stand in the Log. */
const FOUND_DAYS = 90;

/** Everything of the shop that can be opened by its name: what is alive first, the newest first. */
export function findables(context: ShopContext): FoundInShop {
  const state = loadShop(context);
  const sinceMs = state.nowMs - FOUND_DAYS * 24 * MS_PER_HOUR;
  const cultures = listCultures(context.db).filter((one) => one.retiredMs === null);
  const things = [
    ...cultures.map(({ id, name, kind }): Findable => ({
      kind: 'Culture',
      name,
      says: trOf(kind),
      atMs: null,
      href: `/cultures/${encodeURIComponent(id)}`,
    })),
    ...lots(stockOf(context, state), sinceMs),
    ...bakes(context, sinceMs, state.nowMs),
    ...methodRows(context, state).map(({ id, method }): Findable => ({
      kind: 'Method',
      name: method.name,
      says: method.says,
      atMs: null,
      href: `/doughs/${encodeURIComponent(id)}`,
    })),
    ...TERMS.map(({ id, word, means }): Findable => ({
      kind: 'Word',
      name: word,
      says: means,
      atMs: null,
      href: `/words#${encodeURIComponent(id)}`,
    })),
  ];
  return { timeZone: state.shop.timeZone, things };
}

function lots(stock: ReadonlyMap<string, Lot>, sinceMs: number): Findable[] {
  return [...stock.values()]
    .filter((lot) => !isUsedUp(lot) || lot.madeAtMs >= sinceMs)
    .sort((a, b) => Number(isUsedUp(a)) - Number(isUsedUp(b)) || b.madeAtMs - a.madeAtMs)
    .map((lot) => ({
      kind: 'Lot',
      name: lot.name,
      says: isUsedUp(lot) ? tr`${lot.id}, used up` : lot.id,
      atMs: lot.madeAtMs,
      href: `/lots/${encodeURIComponent(lot.id)}`,
    }));
}

/** Bakes held, the newest first; one to come is on its mix card. */
function bakes({ db }: ShopContext, sinceMs: number, nowMs: number): Findable[] {
  return listBakes(db, sinceMs)
    .sort((a, b) => b.readyFromMs - a.readyFromMs)
    .map((bake) => ({
      kind: 'Bake',
      name: bake.name,
      says: bake.readyToMs < nowMs ? tr`held` : tr`planned`,
      atMs: bake.readyFromMs,
      href:
        bake.readyToMs < nowMs
          ? `/bakes/${encodeURIComponent(bake.id)}`
          : `/hold/${encodeURIComponent(bake.id)}`,
    }));
}
