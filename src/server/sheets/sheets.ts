import { type ShopState } from '@/shop/state';
import { allergensOf } from '@/core/composition';
import { isAct } from '@/core/journal';
import { codesFirst } from '@/core/cautions';
import { unitsOf, type ShopUnits } from '@/core/units';
import { listFlourLots, maybeFirstWrittenMs } from '@/data';
import type { ShopContext } from '../context';
import { wholeJournal } from '../journal/journal-memory';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { coldLogs, type ColdStoreLog } from '@/shop/sheets/cold-log';
import { tracesOf, type Trace } from './trace';

/** What is in a dough, as far as the journal and the list of flours say. */
export interface AllergenRow {
  readonly name: string;
  readonly lotId: string;
  readonly madeMs: number;
  readonly allergens: readonly string[];
}

/** The sheets for food safety. They follow what was written down; the shop’s own plan comes first. */
export interface Sheets {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly codesFirst: string;
  readonly cold: readonly ColdStoreLog[];
  readonly traces: readonly Trace[];
  readonly allergens: readonly AllergenRow[];
}

/** Days that the temperature log goes back. */
export const SHEET_DAYS = 14;
const ALLERGEN_ROWS = 30;

/** Cold stores, traces and allergens of a shop. */
export function sheetsView(context: ShopContext): Sheets {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  return {
    shopName: shop.name,
    units: unitsOf(shop),
    nowMs,
    codesFirst: codesFirst(),
    cold: coldLogs(state, SHEET_DAYS, maybeFirstWrittenMs(context.db)),
    traces: tracesOf(context, withOldSacks(context, state)),
    allergens: allergenRows(context, state),
  };
}

/** The shop with all of its journal where a sack was opened before what is at hand: a trace leaves nothing out. */
function withOldSacks(context: ShopContext, state: ShopState): ShopState {
  const firstMs = state.folded.done[0]?.atMs ?? state.nowMs;
  const old = listFlourLots(context.db).some((sack) => sack.fromMs < firstMs);
  return old ? { ...state, folded: wholeJournal(context) } : state;
}

/** Doughs in sight and to come, each with what it carries. */
function allergenRows(context: ShopContext, state: ShopState): AllergenRow[] {
  return [...forecastState(context, state).lots.values()]
    .filter(({ story }) => isAct(story.start, 'make') && story.lot.kind === 'dough')
    .map(({ story }) => ({
      name: story.lot.name,
      lotId: story.lot.id,
      madeMs: story.startMs,
      allergens: allergensOf(story.lot.composition, state.pantry),
    }))
    .slice(-ALLERGEN_ROWS);
}
