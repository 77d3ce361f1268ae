/** How a shop reads its figures; the core itself counts in grams, °C, cm and UTC milliseconds. */
export interface ShopUnits {
  readonly timeZone: string;
  readonly massUnit: 'g' | 'oz';
  readonly tempUnit: 'C' | 'F';
  readonly lengthUnit: 'cm' | 'in';
}

/** The units of a shop, or of anything that carries them. */
export function unitsOf({ timeZone, massUnit, tempUnit, lengthUnit }: ShopUnits): ShopUnits {
  return { timeZone, massUnit, tempUnit, lengthUnit };
}
