import { workingHours, type ShopState } from '@/shop/state';
import type { PlaceHistory } from '@/core/forecast';
import { MS_PER_HOUR } from '@/core/units';
import type { ShopContext } from '../context';
import { mixersThere } from '../mix/how-mixed';
import type { PlanningFacts } from '@/shop/doughs/poolish-form';
import { cultureSpeeds } from '../shop/load-shop';

/** The facts of a loaded shop that a plan rests on. */
export function planningFacts(context: ShopContext, state: ShopState): PlanningFacts {
  return {
    places: recent([...state.placeMap.values()], state.nowMs),
    pantry: state.pantry,
    scaleStepG: state.shop.scaleStepG,
    fineStepG: state.shop.fineStepG,
    mixers: state.shop.mixedBy === 'hand' ? [] : mixersThere(context),
    mixedBy: state.shop.mixedBy,
    workingHours: workingHours(state),
    timeZone: state.shop.timeZone,
    nowMs: state.nowMs,
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
