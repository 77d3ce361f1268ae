'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { toLocalText } from '@/core/units';
import type { TideView } from '@/services/tide';
import { useAskAnew } from '@/ui/ask-anew';
import { clockText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { LookDialog } from '@/ui/hands/look-dialog';
import { StepDialog } from '@/ui/hands/step-dialog';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { useShopMinute } from '@/ui/use-clock';
import { DemoClockControl } from './demo-clock-control';
import { EmptyTide } from './empty-tide';
import { HandsStrip } from './hands-strip';
import { KeysDialog } from './keys-dialog';
import { NEXT_COUNT } from './layout/picture';
import { lookables } from './lookables';
import { tellsOf } from './tells';
import { TideSvg } from './tide-svg';
import { TideHeader } from './tide-header';
import { useDrag } from './use-drag';
import { useFrame } from './use-frame';
import { useKeys } from './use-keys';
import { NoticeLine } from './notice-line';
import { useNotices } from './use-notices';
import { usePicture } from './use-picture';
import { useMinuteAsk } from './use-minute-ask';
import { nearDiscs, WhichMoment, type Asking } from './which-moment';

/** The home view: now, next, will it meet? */
export function Tide(props: { view: TideView; stale: boolean; actions: HandsActions }) {
  const { view, stale, actions } = props;
  const nowMs = useShopMinute(view.clock);
  const router = useRouter();
  const { ref, frame } = useFrame();
  const [unfolded, setUnfolded] = useState<ReadonlySet<number>>(new Set());
  const [panMs, setPanMs] = useState(0);
  const [chosen, setChosen] = useState<string | null>(null);
  const [lit, setLit] = useState<string | null>(null);
  const [openRef, setOpenRef] = useState<string | null>(null);
  const [looking, setLooking] = useState<{ lotId: string | null } | null>(null);
  const [asking, setAsking] = useState<Asking | null>(null);
  const [keysShown, setKeysShown] = useState(false);
  const { run, refused, clear, takeBack } = useAct(actions);
  const last = view.moments.filter((moment) => moment.tense === 'done').at(-1);
  useMinuteAsk(nowMs, view.clock.rate, useAskAnew());
  const notices = useNotices(view, nowMs);

  const picture = usePicture(view, nowMs, frame, { unfolded, panMs });
  const tells = useMemo(() => tellsOf(view, nowMs), [view, nowMs]);
  const planned = view.moments.filter((moment) => moment.tense === 'planned');
  const sheet = view.sheets.find((one) => one.stepId === openRef);

  const drag = useDrag(panMs, setPanMs, {
    picture,
    nowMs,
    onDrop: ({ moment, atMs }) =>
      run(
        () =>
          actions.moveStep({
            stepId: moment.ref,
            batch: newBatch(),
            at: toLocalText(atMs, view.units.timeZone),
          }),
        () => `${moment.title}: moved to ${clockText(atMs, view.units.timeZone)}.`,
      ),
  });
  const choose = (by: 1 | -1) => {
    const at = planned.findIndex((moment) => moment.ref === chosen);
    const next = planned[at < 0 ? (by === 1 ? 0 : planned.length - 1) : at + by];
    if (next === undefined) return;
    setChosen(next.ref);
    setLit(next.lotId);
  };
  const enter = () => {
    if (chosen !== null) setOpenRef(chosen);
    else if (lit !== null) router.push(`/lots/${encodeURIComponent(lit)}`);
  };

  const doneNow = (stepId: string) => {
    const step = planned.find((moment) => moment.ref === stepId);
    run(
      () => actions.doStep({ stepId, batch: newBatch() }),
      () => `${step?.title ?? 'Step'}: done.`,
    );
  };
  const openMoment = (momentRef: string) =>
    planned.some((moment) => moment.ref === momentRef)
      ? setOpenRef(momentRef)
      : setLit(view.moments.find((moment) => moment.ref === momentRef)?.lotId ?? null);
  const strandTapped = (lotId: string) =>
    lit === lotId ? router.push(`/lots/${encodeURIComponent(lotId)}`) : setLit(lotId);
  useKeys({
    d: () => planned[0] !== undefined && doneNow(planned[0].ref),
    o: () => planned[0] !== undefined && setOpenRef(planned[0].ref),
    l: () => setLooking({ lotId: null }),
    n: () => router.push('/bakes/new'),
    u: () => last?.batch != null && takeBack(last.batch),
    g: () => router.push('/log'),
    '?': () => setKeysShown(true),
    Enter: enter,
    Escape: () => {
      setLit(null);
      setChosen(null);
      setPanMs(0);
    },
    ArrowRight: () => choose(1),
    ArrowLeft: () => choose(-1),
    ArrowDown: () => {
      setChosen(null);
      setLit(step(view, lit, 1));
    },
    ArrowUp: () => {
      setChosen(null);
      setLit(step(view, lit, -1));
    },
  });

  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: 'column',
        height: { md: '100dvh' },
        minHeight: { md: 640 },
        background: 'var(--flour)',
      }}
    >
      <TideHeader
        view={view}
        nowMs={nowMs}
        tells={tells}
        leftWidth={frame.keelX}
        stale={stale}
        onTell={(tell) => tell.lotId !== null && setLit(lit === tell.lotId ? null : tell.lotId)}
      />
      <Box
        component="main"
        ref={ref}
        sx={{ flex: 1, minHeight: { xs: 480, md: 420 }, overflow: 'hidden', position: 'relative' }}
      >
        <TideSvg
          picture={picture}
          view={view}
          nowMs={nowMs}
          lit={lit}
          chosen={chosen}
          drag={drag}
          taps={{
            strand: strandTapped,
            moment: (momentRef, at) => {
              const near = nearDiscs(picture.discs, momentRef);
              if (near.length > 1) setAsking({ near, at });
              else openMoment(momentRef);
            },
            night: (fromMs) => setUnfolded(toggled(unfolded, fromMs)),
          }}
        />
        <EmptyTide view={view} left={frame.keelX} />
        <DemoClockControl clock={view.clock} setRate={actions.setDemoRate} />
        {lit === null ? null : (
          <Button
            component={Link}
            href={`/lots/${encodeURIComponent(lit)}`}
            size="small"
            variant="contained"
            sx={{ position: 'absolute', right: 12, top: 60 }}
          >
            Open {view.strands.find((strand) => strand.lotId === lit)?.name ?? lit}
          </Button>
        )}
        {refused[''] === undefined && view.conflicts.length === 0 ? null : (
          <Notice text={refused[''] ?? view.conflicts.join(' ')} onClose={clear} />
        )}
      </Box>
      <HandsStrip
        view={view}
        nowMs={nowMs}
        count={NEXT_COUNT}
        leftWidth={frame.keelX}
        notice={
          notices.notice === null ? null : (
            <NoticeLine
              notice={notices.notice}
              onShow={setLit}
              onSeen={notices.seen}
              onLater={notices.later}
            />
          )
        }
        onLook={() => setLooking({ lotId: lit })}
        onDone={doneNow}
        onOpen={setOpenRef}
      />
      {sheet === undefined ? null : (
        <StepDialog
          key={sheet.stepId}
          sheet={sheet}
          nowMs={nowMs}
          units={view.units}
          actions={actions}
          onClose={() => setOpenRef(null)}
        />
      )}
      {looking === null ? null : (
        <LookDialog
          lots={lookables(view, nowMs)}
          first={looking.lotId}
          nowMs={nowMs}
          units={view.units}
          actions={actions}
          onClose={() => setLooking(null)}
        />
      )}
      <WhichMoment
        asking={asking}
        timeZone={view.units.timeZone}
        onChoose={openMoment}
        onClose={() => setAsking(null)}
      />
      <KeysDialog open={keysShown} onClose={() => setKeysShown(false)} />
    </Box>
  );
}

function Notice({ text, onClose }: { text: string; onClose: () => void }) {
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
        Close
      </Button>
    </Box>
  );
}

function toggled(set: ReadonlySet<number>, value: number): ReadonlySet<number> {
  const next = new Set(set);
  if (!next.delete(value)) next.add(value);
  return next;
}

/** The strand above or below in the order of the view. */
function step(view: TideView, lit: string | null, by: 1 | -1): string | null {
  const ids = view.strands.map((strand) => strand.lotId);
  const at = lit === null ? -1 : ids.indexOf(lit);
  return ids[(at + by + ids.length) % ids.length] ?? null;
}
