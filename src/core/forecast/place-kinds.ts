/** At most so warm a place is cold: yeast all but rests there and nothing has a best to aim at, °C. Source: the trade’s 4–8 °C. */
export const COLD_C = 8;
/** At most so warm a place freezes what stands in it through and through, °C. Set. */
const FREEZES_C = -5;
/** From here on a place is warmer than a room, °C. Set. */
const WARMER_THAN_ROOMS_C = 28;

/** What a place is by its temperature. */
export type PlaceKind = 'freezer' | 'fridge' | 'room' | 'warmth';

/** What a place of a temperature (°C) is. */
export function placeKind(tempC: number): PlaceKind {
  if (tempC <= FREEZES_C) return 'freezer';
  if (tempC <= COLD_C) return 'fridge';
  return tempC < WARMER_THAN_ROOMS_C ? 'room' : 'warmth';
}

/** True where yeast all but rests: in a fridge or a freezer. */
export const isCold = (tempC: number): boolean => tempC <= COLD_C;
