import type { ShopUnits } from '@/core/units';
import { tempText } from '@/ui/format';

/** What a field that takes °C was given, in the degrees of a shop that reads °F: “4 °C is 39.2°F”; nothing elsewhere. */
export function asFahrenheit(text: string, units: Pick<ShopUnits, 'tempUnit'>): string {
  const tempC = Number(text.trim().replace(',', '.').replace('−', '-'));
  if (units.tempUnit !== 'F' || text.trim() === '' || !Number.isFinite(tempC)) return '';
  return `${text.trim()} °C is ${tempText(tempC, units)}`;
}
