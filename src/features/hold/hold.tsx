'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { HoldView } from '@/server/hold/question';
import type { HoldSearch, ShownMove } from '@/shop/hold/search';
import { useCompute } from '@/ui/compute/use-compute';
import { clockText, dateText, dayText, percentText, spanText } from '@/ui/format';
import { LinkButton } from '@/ui/link-button';
import { Textures } from '@/ui/marks/textures';
import { answerNotice } from '@/ui/notice-answers';
import { rem } from '@/ui/rem';
import { newId as newBatch } from '@/ui/new-id';
import { shopAnswers } from '@/ui/kept-since';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import type { HoldActions } from './hold-actions';
import { holdScale, type HoldScale } from './hold-scale';
import { moveWords, standsSays, standsText } from './hold-words';
import { LeavenCurve } from './leaven-curve';
import { MoveRow } from './move-row';
import { useSend } from '@/ui/hands/use-send';

/** A bake that may slip: how its leaven stands, and what can still be done, best first. */
export function Hold({ view, actions }: { view: HoldView; actions: HoldActions }) {
  const { bake, units, nowMs } = view;
  const search = useCompute('hold', view.facts);
  return (
    <ViewFrame
      title={tr`Hold or hurry`}
      subtitle={`${bake.name} · ${dateText(bake.readyFromMs, units.timeZone)}`}
      clock={clockText(nowMs, units.timeZone)}
      aside={<HoldHead view={view} search={search.answer} />}
    >
      <HoldBody view={view} actions={actions} search={search} />
    </ViewFrame>
  );
}

function HoldHead({ view, search }: { view: HoldView; search: HoldSearch | null }) {
  const name = view.strand?.name ?? view.bake.name;
  const { units } = view;
  const says = standsSays(name, search);
  return (
    <Box sx={{ flex: { xs: '1 0 100%', md: 1 }, minWidth: 0, px: 1 }} data-testid="hold-head">
      <Typography
        component="p"
        className="name"
        sx={{ fontSize: rem(24), fontWeight: 700, lineHeight: 1.2 }}
      >
        {says}{' '}
        {search === null ? null : (
          <Box
            component="span"
            sx={{
              background: 'var(--ink)',
              color: 'var(--paper)',
              px: 0.75,
              borderRadius: '4px 8px 8px 4px',
              whiteSpace: 'nowrap',
            }}
          >
            {standsText(search.stands.odds)}
          </Box>
        )}
      </Typography>
      <Typography variant="body2">
        {search === null
          ? tr`Running what can still be done.`
          : tr`${search.moves.length} moves, run through to ${clockText(view.bake.readyToMs, units.timeZone)}, best first.`}
        {search?.past == null ? '' : ` ${pastSays(search.past)}`}
      </Typography>
    </Box>
  );
}

function pastSays({ pastH, ph, gluten, shareUpTo }: NonNullable<HoldSearch['past']>): string {
  const state = tr`Past for ${spanText(pastH * 3_600_000)}: pH ${ph.toFixed(1)}, ${percentText(gluten, 0)} of its strength left.`;
  return shareUpTo <= 0
    ? tr`${state} Too sour for any share: throw it away.`
    : tr`${state} Good for up to ${percentText(shareUpTo, 0)} of the flour; the dough will be ${ph < 4 ? tr`sour` : tr`mild`} and ${gluten < 0.7 ? tr`weak` : tr`strong enough`}.`;
}

const AS_GOOD = 0.02;
const AGAIN_MS = 60_000;
const SIDE_PX = 236;
const LEFT_PX = 330;
const FIRST_SHOWN = 3;

function HoldBody(props: {
  view: HoldView;
  actions: HoldActions;
  search: ReturnType<typeof useCompute<'hold'>>;
}) {
  const { view, actions, search } = props;
  const { ref, width } = useWidth(1280);
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      // Asked while the shop is away, the page would be opened anew, and what is looked at be gone.
      void shopAnswers().then((answers) => (answers ? router.refresh() : undefined));
    }, AGAIN_MS);
    return () => clearInterval(timer);
  }, [router]);
  const { bake, nowMs } = view;
  const across = Math.max(360, width - SIDE_PX);
  const nowX = Math.min(LEFT_PX, across * 0.35);
  const scale = holdScale({ nowMs, fromMs: bake.readyFromMs, toMs: bake.readyToMs }, across, nowX);
  const { answer } = search;
  return (
    <Box ref={ref} sx={{ flex: 1, display: 'flex', flexDirection: 'column', minWidth: 0 }}>
      <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
        <Textures />
      </svg>
      <Ruler view={view} scale={scale} width={across} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', borderTop: '2px solid var(--ink)' }}>
        <Box sx={{ overflowX: 'auto', maxWidth: '100%', background: 'var(--paper)' }}>
          <LeavenCurve
            view={view}
            scale={scale}
            width={across}
            behindMin={answer?.behindMin ?? null}
          />
        </Box>
        <Stands search={answer} />
      </Box>
      {search.busy ? <Running share={search.share} onStop={search.stop} /> : null}
      <Moves
        view={view}
        actions={actions}
        moves={answer?.moves ?? []}
        scale={scale}
        width={across}
      />
    </Box>
  );
}

function Running({ share, onStop }: { share: number | null; onStop: () => void }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, px: 2 }}>
      <LinearProgress
        variant="determinate"
        value={100 * (share ?? 0)}
        aria-label={tr`Moves run`}
        sx={{ flex: 1 }}
      />
      <Button size="small" onClick={onStop}>
        {tr`Stop`}
      </Button>
    </Box>
  );
}

/** What can be done, the best first; one tap takes it. */
function Moves(props: {
  view: HoldView;
  actions: HoldActions;
  moves: readonly ShownMove[];
  scale: HoldScale;
  width: number;
}) {
  const { view, actions, moves, scale, width } = props;
  const { bake, nowMs } = view;
  const router = useRouter();
  const { send, busy } = useSend('notice');
  const [left, setLeft] = useState(false);
  const [more, setMore] = useState(false);
  const take = (move: ShownMove) => {
    const asked = { bakeId: bake.id, batch: newBatch(), changes: move.changes };
    send(() => actions.take(asked), {
      said: tr`${moveWords(move, view).title}: taken, with what follows.`,
      undo: () => () => actions.undo(asked.batch),
      then: () => router.push('/'),
    });
  };
  const leave = () => {
    if (!left && view.noticeId !== null) answerNotice(view.noticeId, null);
    setLeft(!left);
  };
  const open = moves.filter((move) => !isOver(move, nowMs));
  const shown = left ? [] : open.slice(0, more ? open.length : FIRST_SHOWN);
  return (
    <>
      {shown.map((move, index) => (
        <MoveRow
          key={`${move.kind} ${move.placeId ?? ''} ${move.startC ?? ''} ${move.laterMin} ${move.serviceFromMs}`}
          view={view}
          move={move}
          scale={scale}
          width={width}
          best={index === 0}
          asGood={index > 0 && (shown[0]?.odds.both ?? 0) - move.odds.both < AS_GOOD}
          busy={busy}
          onTake={() => take(move)}
        />
      ))}
      <Box
        sx={{
          display: 'flex',
          gap: 1.5,
          p: 2,
          alignItems: 'center',
          flexWrap: 'wrap',
          borderTop: '2px solid var(--ink)',
        }}
      >
        {open.length > FIRST_SHOWN && !left ? (
          <Button onClick={() => setMore(!more)}>
            {more ? tr`Only the best` : tr`${open.length - FIRST_SHOWN} more moves`}
          </Button>
        ) : null}
        <Button onClick={leave} data-testid="leave-it">
          {left ? tr`Show the moves again` : tr`Leave it as it is`}
        </Button>
        <LinkButton href="/">{tr`To the Tide`}</LinkButton>
        <Typography variant="body2">
          {left
            ? tr`Left as it is: you are asked again when the odds fall by five points.`
            : tr`Tap a move to take it. What follows goes along; undo puts it back.`}
        </Typography>
      </Box>
    </>
  );
}

/** A move whose start has passed is no move any more. */
function isOver(move: ShownMove, nowMs: number): boolean {
  return move.changes.some((one) => one.atMs < nowMs - 60_000);
}

function Stands({ search }: { search: HoldSearch | null }) {
  return (
    <Box sx={{ p: 2, width: { xs: '100%', md: SIDE_PX }, background: 'var(--paper)' }}>
      <Typography variant="h3" component="h2">
        {tr`As it stands`}
      </Typography>
      <Typography variant="body2">
        {tr`Odds are the chance that the balls open right through the service; moves stand by that and a ripe leaven together${search === null ? '.' : tr`, ${search.stands.odds.draws} runs each.`}`}
      </Typography>
      <Typography
        component="p"
        sx={{ fontSize: rem(38), fontWeight: 700, mt: 2 }}
        data-testid="stands"
      >
        {search === null ? '…' : percentText(search.stands.odds.service, 0)}
      </Typography>
    </Box>
  );
}

function Ruler(props: { view: HoldView; scale: ReturnType<typeof holdScale>; width: number }) {
  const { view, scale, width } = props;
  const { timeZone } = view.units;
  return (
    <Box sx={{ overflow: 'hidden' }}>
      <svg width={width} height={40} aria-hidden="true">
        <rect width={scale.x(view.nowMs)} height={40} fill="var(--dry)" />
        {scale.ticks.map((atMs) => (
          <g key={atMs}>
            <text x={scale.x(atMs)} y={24} fontSize={15} textAnchor="middle" fill="var(--ink)">
              {clockText(atMs, timeZone)}
            </text>
            <line x1={scale.x(atMs)} x2={scale.x(atMs)} y1={32} y2={40} stroke="var(--ink)" />
          </g>
        ))}
        <rect
          x={scale.service.fromX}
          width={scale.service.toX - scale.service.fromX}
          y={6}
          height={34}
          rx={10}
          fill="var(--ink)"
        />
        <text
          x={(scale.service.fromX + scale.service.toX) / 2}
          y={28}
          fontSize={14}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--paper)"
        >
          {tr`${dayText(view.bake.readyFromMs, timeZone)} ${clockText(view.bake.readyFromMs, timeZone)} service`}
        </text>
      </svg>
    </Box>
  );
}
