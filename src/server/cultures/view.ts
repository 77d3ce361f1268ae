import { isStarter, type Culture } from '@/core/cultures';
import { unitsOf, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { forecastState, loadShop } from '../shop/load-shop';
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
  const panel = openedPanel(of, path);
  return {
    nowMs: state.nowMs,
    units: unitsOf(shop),
    shopName: shop.name,
    starters: alive.filter(isStarter).map((culture) => starterRow(culture, of)),
    chains: alive.filter((one) => one.kind === 'carry-over').map((one) => chainRow(one, of)),
    discards: alive.filter((one) => one.kind === 'discard').map((one) => discardRow(one, of)),
    frozen: frozenRows(of),
    retired: cultures.filter((culture) => culture.retiredMs !== null),
    places: placesNow({ state }),
    panel,
    openedId: panel.kind === 'none' ? null : panel.openedId,
  };
}
