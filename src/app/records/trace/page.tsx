import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { DayTrace } from '@/features/records/day-trace';
import { shopContext } from '@/server/context';
import { dayTraceView } from '@/server/sheets/day-trace';

export const metadata: Metadata = {
  get title() {
    return tr`Trace of a day`;
  },
};

type Props = { searchParams: Promise<{ day?: string | string[] }> };

export default async function TracePage({ searchParams }: Props) {
  await connection();
  const { day } = await searchParams;
  return <DayTrace view={dayTraceView(shopContext(), [day].flat()[0])} />;
}
