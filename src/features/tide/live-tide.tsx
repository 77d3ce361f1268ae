'use client';

import type { TideView } from '@/server/tide';
import { AskAnewProvider } from '@/ui/ask-anew';
import type { HandsActions } from '@/ui/hands/actions';
import { Tide } from './tide';
import { useLiveView } from '../../ui/live/use-live-view';

/** The home view, kept up to date: every act in it asks for its content, not for the page. */
export function LiveTide(props: { view: TideView; actions: HandsActions }) {
  const { view, stale, ask } = useLiveView(props.view);
  return (
    <AskAnewProvider value={ask}>
      <Tide view={view} stale={stale} actions={props.actions} />
    </AskAnewProvider>
  );
}
