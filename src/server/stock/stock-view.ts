import type { Act } from '@/core/journal';
import { reachOf, type Weighed } from '@/core/stock';
import { addHours, unitsOf } from '@/core/units';
import { WATER } from '@/core/formula';
import { listBakeNames, listStock, type StockNote } from '@/data';
import type { BakeCost, StockRow, StockView } from '@/shop/stock-view';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { discardedByWeek } from '../log/discarded';
import { loadShop } from '../shop/load-shop';

/** Days ahead whose plans are counted. */
const DAYS = 7;
const G_PER_KG = 1000;

/** What the plans of the coming days take of each ingredient, what is there, what it costs. */
export function stockView(context: ShopContext): StockView {
  const state = loadShop(context);
  const { folded, nowMs, pantry, shop } = state;
  const notes = new Map(listStock(context.db).map((one) => [one.ingredientId, one]));
  const untilMs = addHours(nowMs, DAYS * 24);
  const planned = folded.plan.filter((one) => one.atMs < untilMs);
  const taken = planned.flatMap(({ act, atMs }) => weighedIn(act, Math.max(atMs, nowMs)));
  const done = folded.done.flatMap(({ act, atMs }) => weighedIn(act, atMs));
  const ids = new Set([...taken.map((one) => one.ingredientId), ...notes.keys()]);
  ids.delete(WATER);
  const of = (all: readonly Weighed[], id: string) => all.filter((one) => one.ingredientId === id);
  const rows = [...ids].map((ingredientId): StockRow => {
    const note = notes.get(ingredientId);
    const reach = reachOf(countedOf(note), of(done, ingredientId), of(taken, ingredientId));
    const pricePerKg = note?.pricePerKg ?? null;
    return {
      ...reach,
      ingredientId,
      name: pantry.get(ingredientId)?.name ?? ingredientId,
      countedMs: note?.countedMs ?? null,
      pricePerKg,
      cost: pricePerKg === null ? null : (reach.neededG / G_PER_KG) * pricePerKg,
    };
  });
  return {
    units: unitsOf(shop),
    shopName: shop.name,
    nowMs,
    days: DAYS,
    rows: rows.sort(byNeed),
    bakes: bakeCosts(context, state, notes, untilMs),
    thrown: thrownOf(context, state, notes),
  };
}

const countedOf = (note: StockNote | undefined) =>
  note?.thereG == null || note.countedMs === null
    ? null
    : { thereG: note.thereG, countedMs: note.countedMs };

/** What runs short first, then what is taken most of. */
const byNeed = (a: StockRow, b: StockRow) =>
  (a.shortMs ?? Infinity) - (b.shortMs ?? Infinity) || b.neededG - a.neededG;

/** What an act weighs in. */
const weighedIn = (act: Act, atMs: number): Weighed[] =>
  act.kind === 'make' || act.kind === 'add'
    ? act.ingredients.map(({ ingredientId, massG }) => ({ atMs, ingredientId, massG }))
    : [];

function bakeCosts(
  context: ShopContext,
  { folded, pantry }: ShopState,
  notes: ReadonlyMap<string, StockNote>,
  untilMs: number,
): BakeCost[] {
  // A bake that is under way has weighed some of it: all of its acts count, done or not.
  const acts = [...folded.done, ...folded.plan].filter((one) => one.bakeId !== null);
  const open = new Set(
    folded.plan.flatMap((one) => (one.atMs < untilMs && one.bakeId !== null ? [one.bakeId] : [])),
  );
  const names = listBakeNames(context.db, [...open]);
  const costs = [...open].map((bakeId): BakeCost => {
    const own = acts.filter((one) => one.bakeId === bakeId);
    const weighed = own
      .flatMap(({ act, atMs }) => weighedIn(act, atMs))
      .filter((one) => one.ingredientId !== WATER);
    const priceOf = (id: string) => notes.get(id)?.pricePerKg ?? null;
    const without = weighed.filter((one) => priceOf(one.ingredientId) === null);
    return {
      bakeId,
      name: names.get(bakeId) ?? bakeId,
      atMs: Math.max(...own.map((one) => one.atMs)),
      balls: own.reduce((sum, { act }) => sum + (act.kind === 'divide' ? act.count : 0), 0),
      cost: weighed.reduce(
        (sum, one) => sum + (one.massG / G_PER_KG) * (priceOf(one.ingredientId) ?? 0),
        0,
      ),
      without: [...new Set(without.map((one) => pantry.get(one.ingredientId)?.name ?? ''))],
    };
  });
  return costs.sort((a, b) => a.atMs - b.atMs);
}

function thrownOf(
  context: ShopContext,
  { pantry }: ShopState,
  notes: ReadonlyMap<string, StockNote>,
): StockView['thrown'] {
  const flourG = discardedByWeek(context).at(-1)?.thrownG ?? 0;
  const prices = [...notes.values()].flatMap((one) =>
    pantry.get(one.ingredientId)?.kind === 'flour' ? (one.pricePerKg ?? []) : [],
  );
  const mean = prices.reduce((sum, one) => sum + one, 0) / prices.length;
  return { flourG, cost: prices.length === 0 ? null : (flourG / G_PER_KG) * mean };
}
