import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Day } from '@/features/day/day';
import { shopContext } from '@/server/context';
import { tideView } from '@/server/tide';
import { clockText, dateText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = {
  get title() {
    return tr`The day`;
  },
};

export default async function DayPage() {
  await connection();
  const view = tideView(shopContext());
  const { nowMs } = view.clock;
  return (
    <ViewFrame
      title={tr`The day`}
      subtitle={`${view.shopName} · ${dateText(nowMs, view.units.timeZone)}`}
      clock={clockText(nowMs, view.units.timeZone)}
    >
      <Day view={view} />
    </ViewFrame>
  );
}
