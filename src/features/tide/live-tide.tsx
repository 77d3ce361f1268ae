'use client';

import type { TideView } from '@/server/tide';
import { AskAnewProvider } from '@/ui/ask-anew';
import type { HandsActions } from '@/ui/hands/actions';
import { useMemo } from 'react';
import { useWaitingSteps } from '@/ui/waiting/use-waiting-steps';
import type { Room } from './room';
import { Tide } from './tide';
import { useLiveView } from '../../ui/live/use-live-view';

/** The home view, kept up to date: every act in it asks for its content, not for the page. */
export function LiveTide(props: {
  view: TideView;
  room: Room | null;
  hasAnswered: boolean;
  actions: HandsActions;
}) {
  const { view: seen, stale, ask } = useLiveView(props.view);
  const waiting = useWaitingSteps();
  const view = useMemo(
    () =>
      waiting.size === 0
        ? seen
        : { ...seen, moments: seen.moments.filter(({ ref }) => !waiting.has(ref)) },
    [seen, waiting],
  );
  return (
    <AskAnewProvider value={ask}>
      <Tide
        view={view}
        room={props.room}
        hasAnswered={props.hasAnswered}
        stale={stale}
        actions={props.actions}
      />
    </AskAnewProvider>
  );
}
