import type { ShopUnits } from '@/core/units';
import type { LearnedRow } from '@/server/learned/learned';
import { decimals, degreesApartText, percentText } from '@/ui/format';

type Units = Pick<ShopUnits, 'tempUnit'>;

/** What was learned, in words. */
export function verdictText(row: LearnedRow, units: Units): string {
  if (row.about === 'culture') return speedText(row.value);
  if (row.about === 'place') return offsetText(row.value, units);
  if (row.about === 'mixer') return `warms by ${degreesApartText(row.value, units)}`;
  return `${percentText(row.value)} of the dough`;
}

function speedText(speed: number): string {
  const percent = Math.round(Math.abs(1 - speed) * 100);
  return percent === 0 ? 'as the book' : `${percent} % ${speed < 1 ? 'slower' : 'faster'}`;
}

function offsetText(offsetC: number, units: Units): string {
  if (Math.abs(offsetC) < 0.05) return 'as set';
  return `${degreesApartText(Math.abs(offsetC), units)} ${offsetC > 0 ? 'warmer' : 'colder'} than set`;
}

const FROM: Readonly<Record<LearnedRow['about'], readonly [one: string, many: string]>> = {
  culture: ['looks at 1 lot, or its score', 'looks at # lots, or their scores'],
  place: ['readings on 1 day', 'readings on # days'],
  mixer: ['1 dough measured', '# doughs measured'],
  loss: ['1 dough balled', '# doughs balled'],
};

/** From how much it was learned. */
export function fromText(row: LearnedRow): string {
  const [one, many] = FROM[row.about];
  return `from ${row.count === 1 ? one : many.replace('#', String(row.count))}`;
}

/** A value on the line. */
export function valueText(row: LearnedRow, value: number, units: Units): string {
  if (row.unit === 'factor') return `×${decimals(value, 2)}`;
  if (row.unit === 'share') return percentText(value);
  const size = degreesApartText(Math.abs(value), units);
  const sign = Number.parseFloat(size) === 0 ? '' : value > 0 ? '+' : '−';
  return `${sign}${size}`;
}

/** An error in the unit it is felt in: minutes for a culture. */
export function errorText(row: LearnedRow, error: number | null, units: Units): string {
  if (error === null) return '–';
  if (row.unit === 'factor') return `${Math.round(error)} min`;
  return row.unit === 'share' ? percentText(error) : degreesApartText(error, units);
}
