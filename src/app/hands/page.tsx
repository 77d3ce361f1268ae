import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { HandsByDay } from '@/features/hands-list/hands-by-day';
import { shopContext } from '@/server/context';
import { handsList } from '@/server/hands-list/hands-list';
import { clockText, dateText } from '@/ui/format';
import { assignStepAction } from '../actions';
import { whoAsks } from '../who-asks';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = {
  get title() {
    return tr`Hands`;
  },
};

type Props = { searchParams: Promise<{ who?: string }> };

export default async function HandsPage({ searchParams }: Props) {
  await connection();
  const list = handsList(shopContext());
  const asked = (await searchParams).who;
  // Whoever is at the device sees their own first; “everybody” is asked for.
  const who = asked === undefined ? ((await whoAsks())?.person ?? null) : asked || null;
  const { timeZone } = list.units;
  return (
    <ViewFrame
      title={tr`Hands`}
      subtitle={`${list.shopName} · ${dateText(list.nowMs, timeZone)}`}
      clock={clockText(list.nowMs, timeZone)}
    >
      <HandsByDay list={list} who={who} assign={assignStepAction} />
    </ViewFrame>
  );
}
