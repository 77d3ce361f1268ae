import type { Metadata } from 'next';
import { connection } from 'next/server';
import { Cultures } from '@/features/cultures/cultures';
import { CulturesTells } from '@/features/cultures/cultures-tells';
import { shopContext } from '@/services/context';
import { culturesView } from '@/services/cultures/view';
import { clockText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { logLookAction, takeFeedAction, undoAction } from '../../actions';

export const metadata: Metadata = { title: 'Cultures' };

type Props = { params: Promise<{ cultureId?: string[] }> };

export default async function CulturesPage({ params }: Props) {
  await connection();
  const [cultureId] = (await params).cultureId ?? [];
  const wanted = cultureId === undefined ? null : decodeURIComponent(cultureId);
  const view = culturesView(shopContext(), wanted);
  const { starters, chains } = view;
  return (
    <ViewFrame
      title="Cultures"
      subtitle={`${starters.length + chains.length} alive · ${view.shopName}`}
      clock={clockText(view.nowMs, view.units.timeZone)}
      aside={<CulturesTells view={view} />}
    >
      <Cultures
        key={view.openedId}
        view={view}
        actions={{ takeFeed: takeFeedAction, undo: undoAction, logLook: logLookAction }}
      />
    </ViewFrame>
  );
}
