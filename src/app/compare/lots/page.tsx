import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { LotsBeside } from '@/features/compare/lots';
import { shopContext } from '@/server/context';
import { lotsView } from '@/server/scores/lots-view';

export const metadata: Metadata = {
  get title() {
    return tr`Lots side by side`;
  },
};

type Props = { searchParams: Promise<{ lot?: string | string[] }> };

export default async function LotsPage({ searchParams }: Props) {
  await connection();
  const { lot = [] } = await searchParams;
  return <LotsBeside view={lotsView(shopContext(), [lot].flat())} />;
}
