import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Stock } from '@/features/stock/stock';
import { shopContext } from '@/server/context';
import { stockView } from '@/server/stock/stock-view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { noteStockAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`To buy`;
  },
};

export default async function StockPage() {
  await connection();
  const view = stockView(shopContext());
  return (
    <ViewFrame
      title={tr`To buy`}
      subtitle={tr`the next ${view.days} days · ${view.shopName}`}
      clock={clockText(view.nowMs, view.units.timeZone)}
    >
      <Stock view={view} actions={{ noteStock: noteStockAction }} />
    </ViewFrame>
  );
}
