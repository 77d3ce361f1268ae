import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Learned } from '@/features/learned/learned';
import { shopContext } from '@/server/context';
import { learnedView } from '@/server/learned/learned';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { resetLearnedAction, undoResetAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Learned`;
  },
};

export default async function LearnedPage() {
  await connection();
  const view = learnedView(shopContext());
  return (
    <ViewFrame
      title={tr`Learned`}
      subtitle={tr`by looks and readings`}
      clock={clockText(view.nowMs, view.units.timeZone)}
    >
      <Learned view={view} reset={resetLearnedAction} undo={undoResetAction} />
    </ViewFrame>
  );
}
