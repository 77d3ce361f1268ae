import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import { MixCardView } from '@/features/mix/mix-card';
import { shopContext } from '@/server/context';
import { mixView } from '@/server/mix/view';
import {
  doStepAction,
  finishCardAction,
  handleScaleAction,
  markCardAction,
  undoAction,
} from '../../actions';
import { segmentOf } from '../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`Mix`;
  },
};

type Props = {
  params: Promise<{ stepId: string }>;
  searchParams: Promise<{ batch?: string | string[] }>;
};

export default async function MixPage({ params, searchParams }: Props) {
  await connection();
  const { stepId } = await params;
  const batch = Number((await searchParams).batch ?? Number.NaN);
  const number = Number.isInteger(batch) ? batch : null;
  const view = mixView(shopContext(), segmentOf(stepId), number);
  if (view === null) notFound();
  return (
    <MixCardView
      key={view.cardId}
      view={view}
      actions={{
        mark: markCardAction,
        finish: finishCardAction,
        handleScale: handleScaleAction,
        doStep: doStepAction,
        undo: undoAction,
      }}
    />
  );
}
