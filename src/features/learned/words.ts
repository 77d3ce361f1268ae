import { tr } from '@/words/tr';
import type { ShopUnits } from '@/core/units';
import type { LearnedRow } from '@/server/learned/learned';
import { decimals, degreesApartText, percentText } from '@/ui/format';

type Units = Pick<ShopUnits, 'tempUnit'>;

/** What was learned, in words. */
export function verdictText(row: LearnedRow, units: Units): string {
  if (row.about === 'culture') return speedText(row.value);
  if (row.about === 'place') return offsetText(row.value, units);
  if (row.about === 'mixer') return tr`warms by ${degreesApartText(row.value, units)}`;
  return tr`${percentText(row.value)} of the dough`;
}

function speedText(speed: number): string {
  const percent = Math.round(Math.abs(1 - speed) * 100);
  return percent === 0 ? tr`as the book` : `${percent} % ${speed < 1 ? tr`slower` : tr`faster`}`;
}

function offsetText(offsetC: number, units: Units): string {
  if (Math.abs(offsetC) < 0.05) return tr`as set`;
  return tr`${degreesApartText(Math.abs(offsetC), units)} ${offsetC > 0 ? tr`warmer` : tr`colder`} than set`;
}

const FROM: Readonly<Record<LearnedRow['about'], readonly [one: string, many: string]>> = {
  get culture() {
    return [tr`looks at 1 lot, or its score`, tr`looks at # lots, or their scores`] as const;
  },
  get place() {
    return [tr`readings on 1 day`, tr`readings on # days`] as const;
  },
  get mixer() {
    return [tr`1 dough measured`, tr`# doughs measured`] as const;
  },
  get loss() {
    return [tr`1 dough balled`, tr`# doughs balled`] as const;
  },
};

/** From how much it was learned. */
export function fromText(row: LearnedRow): string {
  const [one, many] = FROM[row.about];
  return tr`from ${row.count === 1 ? one : many.replace('#', String(row.count))}`;
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
