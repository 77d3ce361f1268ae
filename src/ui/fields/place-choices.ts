import { tempAt, type PlaceHistory } from '@/core/forecast';
import type { ShopUnits } from '@/core/units';
import { tempText } from '../format';

/** Places as they are chosen from: each with how warm it is at an instant, as far as is known. */
export function placeChoices(
  places: readonly PlaceHistory[],
  atMs: number,
  units: ShopUnits,
): { id: string; name: string }[] {
  return places.map((place) => ({
    id: place.id,
    name: `${place.name} ${tempText(Math.round(2 * tempAt(place, atMs)) / 2, units)}`,
  }));
}
