'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import type { Moment, TideView } from '@/server/tide';
import { clockText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { DemoClockControl } from './demo-clock-control';
import { EmptyTide } from './empty-tide';
import type { Picture } from './layout/picture-parts';
import { MANY_LOTS, onlyShown, type Shown } from './lots-shown';
import { snapsOf } from './drag/drag-words';
import { TideSvg, type TideTaps } from './tide-svg';
import { useDrag } from './drag/use-drag';
import { useMoved } from './drag/use-moved';
import type { useFrame } from './use-frame';
import { usePicture } from './use-picture';
import { nearDiscs } from './near-discs';
import type { Asking } from './which-one';

// What lies on the picture now and then comes after it.
const WhichOne = dynamic(() => import('./which-one').then((one) => one.WhichOne), { ssr: false });
const LotsFilter = dynamic(() => import('./lots-filter').then((one) => one.LotsFilter), {
  ssr: false,
});

/** The picture with all that lies on it: the choice of lots, questions, notices. */
export function TideStage(props: {
  view: TideView;
  nowMs: number;
  framed: ReturnType<typeof useFrame>;
  lit: string | null;
  onLit: (lotId: string | null) => void;
  chosen: string | null;
  panMs: number;
  onPan: (panMs: number) => void;
  onMoment: (momentRef: string) => void;
  onMove: (moment: Moment, atMs: number) => void;
  actions: Pick<HandsActions, 'setDemoRate' | 'moveFacts'>;
  problem: string | null;
  onProblemSeen: () => void;
}) {
  const { nowMs, lit, onLit, panMs, onMoment } = props;
  // The tells and the hands come first: the picture follows in the next breath.
  const view = useDeferredValue(props.view);
  const { ref, probe, frame } = props.framed;
  const router = useRouter();
  const [shown, setShown] = useState<Shown>('all');
  const inPicture = useMemo(() => onlyShown(view, shown), [view, shown]);
  const [unfolded, setUnfolded] = useState<ReadonlySet<number>>(new Set());
  const [asking, setAsking] = useState<Asking | null>(null);
  const [scrolledPx, setScrolledPx] = useState(0);
  const picture = usePicture(inPicture, nowMs, frame, { unfolded, panMs });
  const drag = useDrag(panMs, props.onPan, {
    picture,
    nowMs,
    snaps: (moment) => snapsOf(moment, view),
    onDrop: ({ moment, atMs }) => props.onMove(moment, atMs),
  });
  const moved = useMoved(view, drag.dragged, props.actions.moveFacts);
  const nameOf = (lotId: string) =>
    view.strands.find((strand) => strand.lotId === lotId)?.name ?? lotId;
  const taps: TideTaps = {
    strand: (lotId) =>
      lit === lotId ? router.push(`/lots/${encodeURIComponent(lotId)}`) : onLit(lotId),
    moment: (momentRef, at) => {
      const near = nearDiscs(picture.discs, momentRef);
      if (near.length < 2) return onMoment(momentRef);
      setAsking({
        label: tr`Which moment`,
        at,
        choices: near.map(({ moment }) => ({
          key: moment.ref,
          glyph: moment.glyph,
          clock: clockText(moment.atMs, view.units.timeZone),
          text: moment.title,
          choose: () => onMoment(moment.ref),
        })),
      });
    },
    raft: ({ lotIds }, at) =>
      setAsking({
        label: tr`Which lot`,
        at,
        choices: lotIds.map((lotId) => ({
          key: lotId,
          text: nameOf(lotId),
          choose: () => onLit(lotId),
        })),
      }),
    night: (fromMs) => setUnfolded(toggled(unfolded, fromMs)),
  };
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
      }}
    >
      <Scroller picture={picture} onScrolled={setScrolledPx}>
        <TideSvg
          picture={picture}
          view={view}
          nowMs={nowMs}
          lit={lit}
          chosen={props.chosen}
          drag={drag}
          moved={moved}
          scrolledPx={scrolledPx}
          taps={taps}
        />
      </Scroller>
      <span
        ref={probe}
        aria-hidden="true"
        style={{ position: 'absolute', visibility: 'hidden', width: '1rem', height: 0 }}
      />
      {view.strands.length > MANY_LOTS ? (
        <LotsFilter view={view} shown={shown} onChange={setShown} />
      ) : null}
      <EmptyTide view={view} left={frame.keelX} tall={frame.tall} />
      <DemoClockControl clock={view.clock} setRate={props.actions.setDemoRate} />
      {lit === null ? null : (
        <Button
          component={Link}
          href={`/lots/${encodeURIComponent(lit)}`}
          size="small"
          variant="contained"
          sx={{ position: 'absolute', right: 12, top: 60 }}
        >
          {tr`Open ${nameOf(lit)}`}
        </Button>
      )}
      {problem === '' ? null : <Problem text={problem} onClose={props.onProblemSeen} />}
      {asking === null ? null : <WhichOne asking={asking} onClose={() => setAsking(null)} />}
    </Box>
  );
}

/** Room for a picture that may be longer than its room. */
function Scroller(props: {
  picture: Picture;
  onScrolled: (px: number) => void;
  children: ReactNode;
}) {
  const { picture, onScrolled, children } = props;
  const { frame, height } = picture;
  const scrolls = !frame.tall && height > frame.height + 1;
  return (
    <Box
      onScroll={(event) => onScrolled(event.currentTarget.scrollTop)}
      {...(scrolls ? { tabIndex: 0, role: 'region', 'aria-label': tr`All places` } : {})}
      sx={{
        height: frame.tall ? 'auto' : '100%',
        overflowX: 'hidden',
        overflowY: scrolls ? 'auto' : 'hidden',
      }}
    >
      {children}
    </Box>
  );
}

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

function toggled(set: ReadonlySet<number>, value: number): ReadonlySet<number> {
  const next = new Set(set);
  if (!next.delete(value)) next.add(value);
  return next;
}
