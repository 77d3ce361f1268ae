import { isStarter, type Culture } from '@/core/cultures';
import { unitsOf, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { openedPanel, type Panel } from './panel';
import { culturesOf, stockOf } from '../culture-lines/registry';
import {
  chainRow,
  discardRow,
  frozenRows,
  type ChainRow,
  type DiscardRow,
  type FrozenRow,
} from './rows/kept-rows';
import { placesNow, type PlaceNow } from './rows/of';
import { starterRow, type StarterRow } from './rows/starter-row';

/** The cultures and what is kept of them. */
export interface CulturesView {
  readonly nowMs: number;
  readonly units: ShopUnits;
  readonly shopName: string;
  readonly starters: readonly StarterRow[];
  readonly chains: readonly ChainRow[];
  readonly discards: readonly DiscardRow[];
  readonly frozen: readonly FrozenRow[];
  readonly retired: readonly Culture[];
  /** The starter whose feed is due next; null for none. */
  readonly nextId: string | null;
  readonly places: readonly PlaceNow[];
  /** What stands on the right. */
  readonly panel: Panel;
  /** The row that is opened: a culture, or a frozen lot. */
  readonly openedId: string | null;
}

/**
 * The cultures of the shop, and the opened one’s panel.
 * @param path what is opened: [], ['new', kind], ['frozen', lot], [culture], [culture, panel]
 */
export function culturesView(context: ShopContext, path: readonly string[]): CulturesView {
  const state = loadShop(context);
  const forecast = forecastState(context, state);
  const cultures = culturesOf(context, state);
  const alive = cultures.filter((culture) => culture.retiredMs === null);
  const of = { context, state, forecast, stock: stockOf(context, state), cultures };
  const { shop } = state;
  const starters = alive.filter(isStarter).map((culture) => starterRow(culture, of));
  const chains = alive.filter((one) => one.kind === 'carry-over').map((one) => chainRow(one, of));
  const next = nextDue(starters);
  const first = next ?? starters[0] ?? chains[0] ?? null;
  // With nothing asked for, what is to be fed next stands open.
  const panel = openedPanel(of, path.length === 0 && first !== null ? [first.culture.id] : path);
  return {
    nowMs: state.nowMs,
    units: unitsOf(shop),
    shopName: shop.name,
    starters,
    chains,
    nextId: next?.culture.id ?? null,
    discards: alive.filter((one) => one.kind === 'discard').map((one) => discardRow(one, of)),
    frozen: frozenRows(of),
    retired: cultures.filter((culture) => culture.retiredMs !== null),
    places: placesNow({ state }),
    panel,
    openedId: panel.kind === 'none' ? null : panel.openedId,
  };
}

/** The starter whose feed is due first. */
function nextDue(starters: readonly StarterRow[]): StarterRow | null {
  const due = starters.flatMap((row) => (row.due === null ? [] : [{ row, atMs: row.due.atMs }]));
  return due.sort((a, b) => a.atMs - b.atMs)[0]?.row ?? null;
}
