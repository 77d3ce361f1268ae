import { tempAt, type PlaceHistory } from '@/core/forecast';
import type { ShopUnits } from '@/core/units';
import { tempText } from '../format';

/** Half a degree of Celsius, a whole one of Fahrenheit: finer no place is known. */
const degrees = (tempC: number, units: ShopUnits) =>
  units.tempUnit === 'F' ? tempText(tempC, units, 0) : tempText(Math.round(2 * tempC) / 2, units);

/** Places as they are chosen from: each with how warm it is at an instant, as far as is known. */
export function placeChoices(
  places: readonly PlaceHistory[],
  atMs: number,
  units: ShopUnits,
): { id: string; name: string }[] {
  return places.map((place) => ({
    id: place.id,
    name: `${place.name} ${degrees(tempAt(place, atMs), units)}`,
  }));
}
