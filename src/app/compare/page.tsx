import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Compare } from '@/features/compare/compare';
import { shopContext } from '@/server/context';
import { compareView } from '@/server/scores/compare-view';
import { takeChangeAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Side by side`;
  },
};

const actions = { takeChange: takeChangeAction };

type Props = { searchParams: Promise<{ bake?: string | string[] }> };

export default async function ComparePage({ searchParams }: Props) {
  await connection();
  const { bake = [] } = await searchParams;
  const view = compareView(shopContext(), [bake].flat());
  return <Compare view={view} actions={actions} />;
}
