import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Words } from '@/features/words/words';
import { shopContext } from '@/server/context';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { shopView } from '@/server/shop/shop-view';

export const metadata: Metadata = {
  get title() {
    return tr`Words`;
  },
};

export default async function WordsPage() {
  await connection();
  const { nowMs, shop } = shopView(shopContext());
  return (
    <ViewFrame
      title={tr`Words`}
      subtitle={tr`of the trade`}
      clock={clockText(nowMs, shop.timeZone)}
    >
      <Words />
    </ViewFrame>
  );
}
