import type { PlaceReading } from '@/core/forecast';
import { listFlours, type Place, type Shop } from '@/data';
import type { ShopContext } from './context';
import { beforeOf, type PlaceBefore } from './shop';
import { loadShop, type ShopState } from './shop-state';

/** A place with what was measured in it. */
export interface PlaceRow extends PlaceBefore {
  /** Last reading; null where nothing was measured. */
  readonly reading: PlaceReading | null;
  /** How much warmer than set it was learned to be, °C; null where nothing was learned. */
  readonly offsetC: number | null;
}

/** The Shop view: what we have. */
export interface ShopView {
  readonly shop: Shop;
  readonly nowMs: number;
  readonly places: readonly PlaceRow[];
  readonly flours: readonly { readonly name: string; readonly strengthW: number | null }[];
}

function placeRow(place: Place, state: ShopState): PlaceRow {
  const { readings, offsetC } = state.placeMap.get(place.id) ?? {};
  return { ...beforeOf(place), reading: readings?.at(-1) ?? null, offsetC: offsetC ?? null };
}

/** The shop’s settings, places and flours. */
export function shopView(context: ShopContext): ShopView {
  const state = loadShop(context);
  return {
    shop: state.shop,
    nowMs: state.nowMs,
    places: state.places.map((place) => placeRow(place, state)),
    flours: listFlours(context.db).map(({ name, strengthW }) => ({ name, strengthW })),
  };
}
