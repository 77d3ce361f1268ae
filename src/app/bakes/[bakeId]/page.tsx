import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { BakePage } from '@/features/outcome/bake-page';
import { shopContext } from '@/server/context';
import { bakePage } from '@/server/scores/bake-page';
import { scoreAction, undoAction } from '../../actions';
import { segmentOf } from '../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`A bake`;
  },
};

type Props = { params: Promise<{ bakeId: string }> };

export default async function Page({ params }: Props) {
  await connection();
  const view = bakePage(shopContext(), segmentOf((await params).bakeId));
  if (view === null) notFound();
  return (
    <BakePage key={view.scoredMs} view={view} actions={{ score: scoreAction, undo: undoAction }} />
  );
}
