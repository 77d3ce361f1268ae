import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Lot } from '@/features/lot/lot';
import { headlineOf } from '@/features/lot/headline';
import { shopContext } from '@/server/context';
import { lotView, type LotView } from '@/server/lots/lot-view';
import { clockText, tempText } from '@/ui/format';
import { ClockCap } from '@/ui/clock-cap';
import { BackButton } from '@/ui/link-button';
import { WordsHere } from '@/ui/words-here';
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
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="header"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 2,
          minHeight: 76,
          px: 1.5,
        }}
      >
        <BackButton />
        <Box sx={{ minWidth: 190 }}>
          <Typography variant="h1">{view.strand.name}</Typography>
          <Typography variant="body2" color="text.secondary">
            {view.code} · {view.strand.kind} · {view.placeName} {tempText(view.placeC, view.units)}
          </Typography>
        </Box>
        {view.pastMs === null ? (
          <ClockCap text={clockText(view.nowMs, view.units.timeZone)} />
        ) : null}
        <WordsHere />
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h2" component="p">
            {headline.says}
          </Typography>
          <Typography>{headline.detail}</Typography>
        </Box>
      </Box>
      <Box component="main" sx={{ flex: 1, display: 'flex', flexDirection: 'column' }}>
        <Lot view={view} actions={handsActions} />
      </Box>
    </Box>
  );
}
