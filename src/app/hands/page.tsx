import type { Metadata } from 'next';
import { connection } from 'next/server';
import { HandsByDay } from '@/features/hands-list/hands-by-day';
import { shopContext } from '@/server/context';
import { handsList } from '@/server/hands-list/hands-list';
import { clockText, dateText } from '@/ui/format';
import { assignStepAction } from '../actions';
import { ViewFrame } from '@/ui/view-frame';

export const metadata: Metadata = { title: 'Hands' };

type Props = { searchParams: Promise<{ who?: string }> };

export default async function HandsPage({ searchParams }: Props) {
  await connection();
  const list = handsList(shopContext());
  const { who } = await searchParams;
  const { timeZone } = list.units;
  return (
    <ViewFrame
      title="Hands"
      subtitle={`${list.shopName} · ${dateText(list.nowMs, timeZone)}`}
      clock={clockText(list.nowMs, timeZone)}
    >
      <HandsByDay list={list} who={who ?? null} assign={assignStepAction} />
    </ViewFrame>
  );
}
