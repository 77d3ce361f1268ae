'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import type { TideView } from '@/server/tide';
import { DemoClockControl } from './demo-clock-control';
import { EmptyTide } from './empty-tide';
import { MANY_LOTS, type Shown } from './lots-shown';
import type { StageProps } from './stage-props';

// The picture comes after what stands around it, what lies on it now and then after it.
const Painted = dynamic(() => import('./painted').then((one) => one.Painted));
const LotsFilter = dynamic(() => import('./lots-filter').then((one) => one.LotsFilter), {
  ssr: false,
});

/** The picture with all that lies on it: the choice of lots, questions, notices. */
export function TideStage(props: StageProps) {
  const { view, lit, actions } = props;
  const { ref, probe, frame, isKnown } = props.framed;
  const [shown, setShown] = useState<Shown>('all');
  const problem = props.problem ?? view.conflicts.join(' ');
  return (
    <Box
      component="main"
      ref={ref}
      sx={{
        flex: frame.tall ? 'none' : 1,
        minHeight: frame.tall ? 0 : 420,
        order: frame.tall ? 1 : 0,
        overflow: 'hidden',
        position: 'relative',
        background: 'var(--paper)',
      }}
    >
      {isKnown ? <Painted {...props} shown={shown} /> : null}
      <span
        ref={probe}
        aria-hidden="true"
        style={{ position: 'absolute', visibility: 'hidden', width: '1rem', height: 0 }}
      />
      {view.strands.length > MANY_LOTS ? (
        <LotsFilter view={view} shown={shown} onChange={setShown} />
      ) : null}
      <EmptyTide view={view} left={frame.keelX} tall={frame.tall} />
      <DemoClockControl clock={view.clock} setRate={actions.setDemoRate} />
      {lit === null ? null : <OpenLit lit={lit} view={view} />}
      {problem === '' ? null : <Problem text={problem} onClose={props.onProblemSeen} />}
    </Box>
  );
}

function OpenLit({ lit, view }: { lit: string; view: TideView }) {
  return (
    <Button
      component={Link}
      href={`/lots/${encodeURIComponent(lit)}`}
      size="small"
      variant="contained"
      sx={{ position: 'absolute', right: 12, top: 60 }}
    >
      {tr`Open ${nameIn(view, lit)}`}
    </Button>
  );
}

const nameIn = (view: TideView, lotId: string) =>
  view.strands.find((strand) => strand.lotId === lotId)?.name ?? lotId;

/** What was refused or can not be, over the picture's foot. */
function Problem({ text, onClose }: { text: string; onClose: () => void }) {
  return (
    <Box
      role="alert"
      sx={{
        position: 'absolute',
        left: 120,
        right: 120,
        bottom: 16,
        background: 'var(--paper)',
        border: '2px dashed var(--ink)',
        p: 1.5,
        display: 'flex',
        alignItems: 'center',
        gap: 2,
      }}
    >
      <Typography sx={{ flex: 1 }}>{text}</Typography>
      <Button size="small" onClick={onClose}>
        {tr`Close`}
      </Button>
    </Box>
  );
}
