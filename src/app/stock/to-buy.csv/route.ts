import { shopContext } from '@/server/context';
import { csvText } from '@/server/exports/csv';
import { stockTable } from '@/server/stock/stock-csv';
import { stockView } from '@/server/stock/stock-view';

/** What to buy as CSV. */
export function GET(): Response {
  return new Response([...csvText(stockTable(stockView(shopContext())))].join(''), {
    headers: {
      'Content-Type': 'text/csv; charset=utf-8',
      'Content-Disposition': 'attachment; filename="to-buy.csv"',
    },
  });
}
