import { listFlours, type Shop } from '@/data';
import type { ShopContext } from './context';
import type { PlaceBefore } from './shop';
import { loadShop } from './shop-state';

/** The Shop view: what we have. */
export interface ShopView {
  readonly shop: Shop;
  readonly nowMs: number;
  readonly places: readonly PlaceBefore[];
  readonly flours: readonly { readonly name: string; readonly strengthW: number | null }[];
}

/** The shop’s settings, places and flours. */
export function shopView(context: ShopContext): ShopView {
  const state = loadShop(context);
  return {
    shop: state.shop,
    nowMs: state.nowMs,
    places: state.places.map((place) => ({
      id: place.id,
      name: place.name,
      capacityL: place.capacityL,
      tempC: place.settings.at(-1)?.tempC ?? 20,
    })),
    flours: listFlours(context.db).map(({ name, strengthW }) => ({ name, strengthW })),
  };
}
