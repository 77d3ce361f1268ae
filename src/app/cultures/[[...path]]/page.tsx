import { tr } from '@/words/tr';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Cultures } from '@/features/cultures/cultures';
import { firstFeed } from '@/features/cultures/first-feed';
import { CulturesTells } from '@/features/cultures/cultures-tells';
import { shopContext } from '@/server/context';
import { culturesView } from '@/server/cultures/view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import {
  bringInAction,
  describeCultureAction,
  logLookAction,
  restCultureAction,
  retireCultureAction,
  takePartAction,
  takeWishAction,
  undoAction,
} from '../../actions';
import { segmentOf } from '../../segment';

export const metadata: Metadata = {
  get title() {
    return tr`Cultures`;
  },
};

type Props = { params: Promise<{ path?: string[] }> };

export default async function CulturesPage({ params }: Props) {
  await connection();
  const path = ((await params).path ?? []).map((part) => segmentOf(part));
  const view = culturesView(shopContext(), path);
  const { starters, chains, panel } = view;
  return (
    <ViewFrame
      title={tr`Cultures`}
      subtitle={tr`${starters.length + chains.length} alive · ${view.shopName}`}
      clock={clockText(view.nowMs, view.units.timeZone)}
      aside={<CulturesTells view={view} />}
    >
      <Cultures
        key={path.join('/')}
        view={view}
        feed={panel.kind === 'feed' ? firstFeed(panel.facts) : null}
        actions={{
          undo: undoAction,
          logLook: logLookAction,
          takeWish: takeWishAction,
          describeCulture: describeCultureAction,
          bringIn: bringInAction,
          restCulture: restCultureAction,
          retireCulture: retireCultureAction,
          takePart: takePartAction,
        }}
      />
    </ViewFrame>
  );
}
