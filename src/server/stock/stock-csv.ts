import { toLocalText } from '@/core/units';
import type { StockView } from '@/shop/stock-view';
import type { ExportTable } from '../paper/table';

/** What to buy as a table: grams, and the hour at which there is not enough any more. */
export function stockTable({ rows, units }: StockView): ExportTable {
  return {
    head: ['what', 'needed g', 'there g', 'missing g', 'short from', 'price per kg', 'cost'],
    rows: rows.map((row) => [
      row.name,
      round(row.neededG),
      round(row.thereG),
      round(row.missingG),
      row.shortMs === null ? '' : toLocalText(row.shortMs, units.timeZone),
      row.pricePerKg ?? '',
      round(row.cost, 2),
    ]),
  };
}

const round = (value: number | null, digits = 1) =>
  value === null ? '' : Number(value.toFixed(digits));
