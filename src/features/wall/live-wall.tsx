'use client';

import { useLiveView } from '@/ui/live/use-live-view';
import { useMinuteAsk } from '@/ui/live/use-minute-ask';
import type { TideView } from '@/server/tide';
import { useShopMinute } from '@/ui/use-clock';
import { Wall } from './wall';

/** The wall, kept up to date by itself. */
export function LiveWall(props: { view: TideView }) {
  const { view, stale, ask } = useLiveView(props.view);
  useMinuteAsk(useShopMinute(view.clock), view.clock.rate, ask);
  return <Wall view={view} stale={stale} />;
}
