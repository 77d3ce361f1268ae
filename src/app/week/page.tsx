import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Week } from '@/features/week/week';
import { shopContext } from '@/server/context';
import { weekView } from '@/server/hands-list/week';
import { clockText, dateText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = {
  get title() {
    return tr`The week`;
  },
};

export default async function WeekPage() {
  await connection();
  const view = weekView(shopContext());
  const { timeZone } = view.units;
  return (
    <ViewFrame
      title={tr`The week`}
      subtitle={tr`${view.shopName} · from ${dateText(view.nowMs, timeZone)}`}
      clock={clockText(view.nowMs, timeZone)}
    >
      <Week view={view} />
    </ViewFrame>
  );
}
