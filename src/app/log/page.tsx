import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { DiscardedWeeks } from '@/features/log/discarded-weeks';
import { Log } from '@/features/log/log';
import { shopContext } from '@/server/context';
import { logView } from '@/server/log/log';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { noteAction, undoAction } from '../actions';

export const metadata: Metadata = {
  get title() {
    return tr`Log`;
  },
};

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function LogPage({ searchParams }: Props) {
  await connection();
  const view = logView(shopContext(), await searchParams);
  return (
    <ViewFrame
      title={tr`Log`}
      subtitle={tr`what happened`}
      clock={clockText(view.nowMs, view.units.timeZone)}
      aside={<DiscardedWeeks view={view} />}
    >
      <Log view={view} undo={undoAction} note={noteAction} />
    </ViewFrame>
  );
}
