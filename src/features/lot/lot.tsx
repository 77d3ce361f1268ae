'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useState } from 'react';
import type { LookMark, LotView } from '@/services/lot-view';
import { massText, percentText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { LookDialog } from '@/ui/hands/look-dialog';
import { useWidth } from '@/ui/use-width';
import { ActPanel } from './act-panel';
import { VesselChart } from './vessel-chart';

const CHART_HEIGHT = 480;

/** One lot, close up: its level seen and forecast, its looks, what is in it, and what can be done to it. */
export function Lot({ view, actions }: { view: LotView; actions: HandsActions }) {
  const { ref, width } = useWidth(1280);
  const [looking, setLooking] = useState(false);
  const made = view.strand.tense === 'done';
  return (
    <>
      <Box ref={ref} sx={{ minWidth: 0, overflow: 'hidden' }}>
        <VesselChart view={view} width={Math.max(360, width)} height={CHART_HEIGHT} />
      </Box>
      <Box
        sx={{
          flex: 1,
          borderTop: '2px solid var(--ink)',
          p: 2,
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1fr 1fr' },
        }}
      >
        <LastLook view={view} onLook={() => setLooking(true)} />
        <Contents view={view} />
        {made && (view.strand.endMs ?? Infinity) > view.nowMs ? (
          <ActPanel view={view} actions={actions} />
        ) : null}
      </Box>
      {looking ? (
        <LookDialog
          lots={[{ lotId: view.code, name: view.strand.name, expectedRise: riseNow(view) }]}
          first={view.code}
          nowMs={view.nowMs}
          units={view.units}
          actions={actions}
          onClose={() => setLooking(false)}
        />
      ) : null}
    </>
  );
}

/** The last look and what it moved. */
function LastLook({ view, onLook }: { view: LotView; onLook: () => void }) {
  const last = view.looks.at(-1);
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start', justifyItems: 'start' }}>
      <Typography variant="h3" component="h2">
        {last === undefined ? 'No look yet' : 'Last look'}
      </Typography>
      {last === undefined ? null : <Typography>{lookSentence(last)}</Typography>}
      {view.strand.tense === 'done' ? (
        <Button variant="contained" size="large" onClick={onLook}>
          Log a look
        </Button>
      ) : (
        <Typography color="text.secondary">Planned; not made yet.</Typography>
      )}
    </Box>
  );
}

function lookSentence(look: LookMark): string {
  const seen = [...(look.rise === null ? [] : [`×${look.rise}`]), ...look.words].join(', ');
  const moved = look.aheadMinutes;
  if (moved === null || moved === 0) return `${seen}. As forecast.`;
  return `${seen}. ${Math.abs(moved)} min ${moved > 0 ? 'ahead' : 'behind'}.`;
}

/** What is in the lot, where it came from and where it went. */
function Contents({ view }: { view: LotView }) {
  return (
    <Box>
      <Typography variant="h3" component="h2" gutterBottom>
        In it: {massText(view.massG, view.units)}
        {view.balls === null ? '' : `, ${view.balls} balls`}
      </Typography>
      {view.composition.map((line) => (
        <Box
          key={line.name}
          sx={{ display: 'flex', justifyContent: 'space-between', maxWidth: 300 }}
        >
          <span>{line.name}</span>
          <strong>{massText(line.massG, view.units)}</strong>
        </Box>
      ))}
      {view.phNow === null ? null : (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
          About pH {view.phNow} now; gluten {percentText(view.glutenNow ?? 1, 0)} whole.
        </Typography>
      )}
      <Lineage label="From" lots={view.madeFrom} />
      <Lineage label="Into" lots={view.becomes} />
    </Box>
  );
}

function riseNow(view: LotView): number {
  const { curve, nowMs } = view;
  return curve.rise[Math.round((nowMs - curve.fromMs) / curve.stepMs)] ?? curve.rise.at(-1) ?? 1;
}

function Lineage(props: { label: string; lots: readonly { lotId: string; name: string }[] }) {
  if (props.lots.length === 0) return null;
  return (
    <Typography variant="body2">
      {props.label}{' '}
      {props.lots.map((lot, index) => (
        <span key={lot.lotId}>
          {index > 0 ? ', ' : ''}
          <Link href={`/lots/${encodeURIComponent(lot.lotId)}`}>
            {lot.name} {lot.lotId}
          </Link>
        </span>
      ))}
    </Typography>
  );
}
