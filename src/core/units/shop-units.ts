/** How a shop reads its figures; the core itself counts in grams, °C and UTC milliseconds. */
export interface ShopUnits {
  readonly timeZone: string;
  readonly massUnit: 'g' | 'oz';
  readonly tempUnit: 'C' | 'F';
}
