import type { ShopState } from '../state';
import { placeTempC } from '@/core/forecast';
import { MS_PER_HOUR } from '@/core/units';

import type { TideView } from './view';

/** A place is hot so far over what it is set to, °C: doughs in it are hours early. Set. */
const HOT_C = 2.5;
/** From now until tomorrow evening. */
const AHEAD_H = 36;

/** Places that the weather will make hot from now until tomorrow evening, each at its hottest. */
export function hotPlaces(state: ShopState): TideView['hot'] {
  return state.places.flatMap((place) => {
    if ((place.follows ?? 0) === 0) return [];
    const setC = place.settings.at(-1)?.tempC ?? 0;
    let hottest = { atMs: state.nowMs, tempC: -Infinity };
    for (let hour = 0; hour <= AHEAD_H; hour += 1) {
      const atMs = Math.ceil(state.nowMs / MS_PER_HOUR + hour) * MS_PER_HOUR;
      const tempC = placeTempC(state.placeMap, place.id, atMs);
      if (tempC > hottest.tempC) hottest = { atMs, tempC };
    }
    const { id: placeId, name } = place;
    return hottest.tempC >= setC + HOT_C ? [{ placeId, name, setC, ...hottest }] : [];
  });
}
