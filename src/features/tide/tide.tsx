'use client';

import { tr } from '@/words/tr';
import { useRouter } from 'next/navigation';
import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { toLocalText } from '@/core/units';
import type { Moment, TideView } from '@/server/tide';
import { useAskAnew } from '@/ui/ask-anew';
import { clockText } from '@/ui/format';
import type { HandsActions } from '@/ui/hands/actions';
import { newBatch, useAct } from '@/ui/hands/use-act';
import { WHOLE_HEIGHT } from '@/ui/bar-size';
import { useShopMinute } from '@/ui/use-clock';
import { HandsStrip } from './hands-strip';
import { NEXT_COUNT } from './layout/picture';
import { lookables } from './lookables';
import { tellsOf } from './layout/tells';
import type { Room } from './room';
import { TideHeader } from './tide-header';
import { TideStage } from './tide-stage';
import { useFrame } from './use-frame';
import { useTideKeys } from './use-tide-keys';
import { NoticeLine } from './notice-line';
import { useNotices } from './use-notices';
import { useMinuteAsk } from '../../ui/live/use-minute-ask';

// What opens on a tap comes after the picture: the first view does not wait for it.
const StepDialog = dynamic(() => import('@/ui/hands/step-dialog').then((one) => one.StepDialog), {
  ssr: false,
});
const LookDialog = dynamic(() => import('@/ui/hands/look-dialog').then((one) => one.LookDialog), {
  ssr: false,
});
const KeysDialog = dynamic(() => import('./keys-dialog').then((one) => one.KeysDialog), {
  ssr: false,
});

/** The home view: now, next, will it meet? */
export function Tide(props: {
  view: TideView;
  room: Room | null;
  /** This device has answered notices before. */
  hasAnswered: boolean;
  stale: boolean;
  actions: HandsActions;
}) {
  const { view, stale, actions } = props;
  const nowMs = useShopMinute(view.clock);
  const router = useRouter();
  const framed = useFrame(props.room);
  const { frame } = framed;
  const [panMs, setPanMs] = useState(0);
  const [lit, setLit] = useState<string | null>(null);
  const [openRef, setOpenRef] = useState<string | null>(null);
  const [looking, setLooking] = useState<{ lotId: string | null } | null>(null);
  const [keysShown, setKeysShown] = useState(false);
  const { run, refused, clear, takeBack } = useAct(actions);
  useMinuteAsk(nowMs, view.clock.rate, useAskAnew());
  const notices = useNotices(view, nowMs, props.hasAnswered);

  const tells = useMemo(() => tellsOf(view, nowMs), [view, nowMs]);
  const planned = view.moments.filter((moment) => moment.tense === 'planned');
  const sheet = view.sheets.find((one) => one.stepId === openRef);

  const move = (moment: Moment, atMs: number) =>
    run(
      () =>
        actions.moveStep({
          stepId: moment.ref,
          batch: newBatch(),
          at: toLocalText(atMs, view.units.timeZone),
        }),
      () => tr`${moment.title}: moved to ${clockText(atMs, view.units.timeZone)}.`,
    );
  const doneNow = (stepId: string) => {
    const step = planned.find((moment) => moment.ref === stepId);
    if (step?.glyph === 'look') return setLooking({ lotId: step.lotId });
    run(
      () => actions.doStep({ stepId, batch: newBatch() }),
      () => tr`${step?.title ?? tr`Step`}: done.`,
    );
  };
  const openMoment = (momentRef: string) =>
    planned.some((moment) => moment.ref === momentRef)
      ? setOpenRef(momentRef)
      : setLit(view.moments.find((moment) => moment.ref === momentRef)?.lotId ?? null);
  const chosen = useTideKeys(view, lit, setLit, {
    doneNow,
    open: setOpenRef,
    look: () => setLooking({ lotId: null }),
    takeBack,
    help: () => setKeysShown(true),
    leave: () => setPanMs(0),
  });

  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: 'column',
        height: frame.tall ? 'auto' : WHOLE_HEIGHT,
        minHeight: frame.tall ? WHOLE_HEIGHT : 640,
        background: 'var(--flour)',
      }}
    >
      <TideHeader
        view={view}
        nowMs={nowMs}
        tells={tells}
        leftWidth={frame.keelX}
        tall={frame.tall}
        stale={stale}
        onTell={(tell) => {
          if (tell.holdBakeId !== null)
            return router.push(`/hold/${encodeURIComponent(tell.holdBakeId)}`);
          if (tell.lotId !== null) setLit(lit === tell.lotId ? null : tell.lotId);
        }}
      />
      <TideStage
        view={view}
        nowMs={nowMs}
        framed={framed}
        lit={lit}
        onLit={setLit}
        chosen={chosen}
        panMs={panMs}
        onPan={setPanMs}
        onMoment={openMoment}
        onMove={move}
        actions={actions}
        problem={Object.values(refused)[0] ?? null}
        onProblemSeen={clear}
      />
      <HandsStrip
        view={view}
        nowMs={nowMs}
        tall={frame.tall}
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
      {keysShown ? <KeysDialog open onClose={() => setKeysShown(false)} /> : null}
    </Box>
  );
}
