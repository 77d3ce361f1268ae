import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Hold } from '@/features/hold/hold';
import { NothingToHold } from '@/features/hold/nothing-to-hold';
import { shopContext } from '@/server/context';
import { holdView } from '@/server/hold/question';
import { takeMoveAction, undoAction } from '../../actions';
import { segmentOf } from '../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`Hold or hurry`;
  },
};

const actions = { take: takeMoveAction, undo: undoAction };

type Props = { params: Promise<{ bakeId: string }> };

export default async function HoldPage({ params }: Props) {
  await connection();
  const { bakeId } = await params;
  const view = holdView(shopContext(), segmentOf(bakeId));
  return view === null ? <NothingToHold /> : <Hold view={view} actions={actions} />;
}
