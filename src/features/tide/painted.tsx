'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { clockText } from '@/ui/format';
import { snapsOf } from './drag/drag-words';
import { useDrag } from './drag/use-drag';
import { useMoved } from './drag/use-moved';
import type { Picture } from './layout/picture-parts';
import { onlyShown, type Shown } from './lots-shown';
import { nearDiscs } from './near-discs';
import type { StageProps } from './stage-props';
import { TideSvg, type TideTaps } from './tide-svg';
import { usePicture } from './use-picture';
import type { Asking } from './which-one';

const WhichOne = dynamic(() => import('./which-one').then((one) => one.WhichOne), { ssr: false });

/** The picture itself, with what a hand does on it. */
export function Painted(props: StageProps & { shown: Shown }) {
  const { nowMs, framed, lit, onLit, panMs, onMoment, shown } = props;
  const { frame } = framed;
  // The tells and the hands come first: the picture follows in the next breath.
  const view = useDeferredValue(props.view);
  const router = useRouter();
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
  return (
    <>
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
      {asking === null ? null : <WhichOne asking={asking} onClose={() => setAsking(null)} />}
    </>
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

function toggled(set: ReadonlySet<number>, value: number): ReadonlySet<number> {
  const next = new Set(set);
  if (!next.delete(value)) next.add(value);
  return next;
}
