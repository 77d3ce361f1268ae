import { workingHours, type ShopState } from '@/shop/state';
import type { PlaceHistory } from '@/core/forecast';
import { MS_PER_HOUR, unitsOf } from '@/core/units';
import type { ShopContext } from '../context';
import { mixersThere } from '../mix/how-mixed';
import type { ShopFacts } from '@/shop/facts';
import { cultureSpeeds } from '../shop/load-shop';

/** The facts of a loaded shop. */
export function shopFacts(context: ShopContext, state: ShopState): ShopFacts {
  const { shop, nowMs, pantry } = state;
  const { timeZone, scaleStepG, fineStepG, tapC, mixedBy } = shop;
  return {
    nowMs,
    timeZone,
    units: unitsOf(shop),
    places: recent([...state.placeMap.values()], nowMs),
    pantry,
    scaleStepG,
    fineStepG,
    tapC,
    workingHours: workingHours(state),
    mixers: mixersThere(context),
    mixedBy,
    cultureSpeeds: cultureSpeeds(context, state),
  };
}

/** Readings older than this say nothing about the hours to come. */
const READINGS_KEPT_MS = 24 * MS_PER_HOUR;

/** Places with their last readings only: a plan looks ahead. */
function recent(places: readonly PlaceHistory[], nowMs: number): PlaceHistory[] {
  return places.map((place) => ({
    ...place,
    readings: (place.readings ?? []).filter((one) => one.atMs > nowMs - READINGS_KEPT_MS),
  }));
}
