import { tr, trFor } from '@/words/tr';
import type { ShopUnits } from '@/core/units';
import type { ComparedThing } from '@/server/scores/compare-view';
import { decimals, percentText, riseText, spanText, tempText } from '@/ui/format';

type Units = Pick<ShopUnits, 'tempUnit'>;

/** A value of a thing as it is read. */
export function valueWords(
  unit: ComparedThing['unit'],
  value: number | null,
  units: Units,
): string {
  if (value === null) return tr`not noted`;
  if (unit === 'degrees') return tempText(value, units);
  if (unit === 'share') return percentText(value);
  if (unit === 'dose') return percentText(value, 2);
  if (unit === 'times') return riseText(value);
  if (unit === 'ph') return decimals(value, 1);
  if (unit === 'strength') return `W ${Math.round(value)}`;
  if (unit === 'hours') return `${decimals(value, 1)} h`;
  if (Math.abs(value) < 1) return tr`at its best`;
  return `${spanText(Math.abs(value) * 60_000)} ${value > 0 ? trFor('its best')`past` : trFor('its best')`before`}`;
}

/** The ends of a line that holds all values, and the right range, with room on both sides. */
export function extentOf(
  values: readonly (number | null)[],
  right: readonly [number, number] | null,
): readonly [number, number] {
  const known = [...values.filter((one) => one !== null), ...(right ?? [])];
  const low = Math.min(...known);
  const high = Math.max(...known);
  const room = Math.max((high - low) * 0.25, Math.abs(high) * 0.02, 0.01);
  return [low - room, high + room];
}
