import { trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Lot } from '@/features/lot/lot';
import { headlineOf } from '@/features/lot/headline';
import { shopContext } from '@/server/context';
import { lotView, type LotView } from '@/server/lots/lot-view';
import { clockText, tempText } from '@/ui/format';
import { ViewFrame } from '@/ui/view-frame';
import { handsActions } from '../../hands-actions';
import { segmentOf } from '../../segment';

type Props = { params: Promise<{ lotId: string }> };

function find(lotId: string): LotView {
  const view = lotView(shopContext(), lotId);
  if (view === null) notFound();
  return view;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: segmentOf((await params).lotId) };
}

export default async function LotPage({ params }: Props) {
  const view = find(segmentOf((await params).lotId));
  const headline = headlineOf(view);
  return (
    <ViewFrame
      title={view.strand.name}
      subtitle={`${view.code} · ${trOf(view.strand.kind)} · ${view.placeName} ${tempText(view.placeC, view.units)}`}
      clock={view.pastMs === null ? clockText(view.nowMs, view.units.timeZone) : null}
      back
      aside={
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h2" component="p">
            {headline.says}
          </Typography>
          <Typography>{headline.detail}</Typography>
        </Box>
      }
    >
      <Lot view={view} actions={handsActions} />
    </ViewFrame>
  );
}
