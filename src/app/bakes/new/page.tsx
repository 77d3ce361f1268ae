import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { NewBake } from '@/features/bake/new-bake';
import { shopContext } from '@/server/context';
import { newBakeView } from '@/server/bakes/new-bake-view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { takeBakeAction, undoAction } from '../../actions';

export const metadata: Metadata = {
  get title() {
    return tr`New bake`;
  },
};

export default async function NewBakePage() {
  await connection();
  const view = newBakeView(shopContext());
  return (
    <ViewFrame
      title={tr`New bake`}
      subtitle={tr`backwards from the service`}
      clock={clockText(view.facts.nowMs, view.facts.timeZone)}
    >
      <NewBake view={view} take={takeBakeAction} undo={undoAction} />
    </ViewFrame>
  );
}
