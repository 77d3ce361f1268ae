'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import type { HoldView } from '@/server/hold/question';
import type { HoldSearch } from '@/shop/hold/search';
import { useCompute } from '@/ui/compute/use-compute';
import { clockText, dateText, dayText, percentText } from '@/ui/format';
import { Textures } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { shopAnswers } from '@/ui/kept-since';
import { useWidth } from '@/ui/use-width';
import { ViewFrame } from '@/ui/view-frame';
import type { HoldActions } from './hold-actions';
import { holdScale } from './hold-scale';
import { LeavenCurve } from './leaven-curve';
import { Moves } from './hold-moves';
import { HoldHead } from './hold-head';

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

const AGAIN_MS = 60_000;

const SIDE_PX = 236;

const LEFT_PX = 330;
const LEAST_PX = 320;
const BESIDE_FROM_PX = 832;
const NOW_SHARE = 0.36;
/** Room that the day, the hour and the word of a service take, and that its hour takes, px. */
const SERVICE_PX = 150;

const RUNNING_PX = 52;

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
  // On a phone what stands beside the picture stands below it.
  const across = Math.max(LEAST_PX, width < BESIDE_FROM_PX ? width : width - SIDE_PX);
  const nowX = Math.min(LEFT_PX, across * NOW_SHARE);
  const scale = holdScale({ nowMs, fromMs: bake.readyFromMs, toMs: bake.readyToMs }, across, nowX);
  const { answer } = search;
  return (
    <Box ref={ref} sx={{ flex: 1, display: 'flex', flexDirection: 'column', minWidth: 0 }}>
      <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden="true">
        <Textures />
      </svg>
      <Ruler view={view} scale={scale} width={across} />
      <Box
        sx={{
          display: 'flex',
          flexDirection: { xs: 'column', md: 'row' },
          borderTop: '2px solid var(--ink)',
        }}
      >
        <Box
          sx={{
            flex: { md: 1 },
            minWidth: 0,
            overflowX: { xs: 'auto', md: 'hidden' },
            background: 'var(--paper)',
          }}
        >
          <LeavenCurve
            view={view}
            scale={scale}
            width={across}
            behindMin={answer?.behindMin ?? null}
          />
        </Box>
        <Stands search={answer}>
          {search.busy ? <Running share={search.share} onStop={search.stop} /> : null}
        </Stands>
      </Box>
      <Moves
        view={view}
        actions={actions}
        moves={answer?.moves ?? []}
        running={search.busy}
        scale={scale}
        width={across}
      />
    </Box>
  );
}

function Running({ share, onStop }: { share: number | null; onStop: () => void }) {
  return (
    <Box sx={{ display: 'flex', flex: 1, alignItems: 'center', gap: 1 }}>
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

function Stands({ search, children }: { search: HoldSearch | null; children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: 'column',
        p: 2,
        width: { xs: '100%', md: SIDE_PX },
        flexShrink: 0,
        background: 'var(--paper)',
      }}
    >
      <Typography variant="h3" component="h2">
        {tr`As it stands`}
      </Typography>
      <Typography variant="body2">
        {tr`Odds are the chance that the balls open right through the service; moves stand by that and a ripe leaven together${search === null ? '.' : tr`, ${search.stands.odds.draws} runs each.`}`}
      </Typography>
      {/* Room for the bar, whether it is there or not: nothing below it moves. */}
      <Figures search={search}>{children}</Figures>
    </Box>
  );
}

function Figures({ search, children }: { search: HoldSearch | null; children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        mt: 'auto',
        pt: 1,
        minHeight: RUNNING_PX,
      }}
    >
      <Typography
        component="p"
        sx={{ fontSize: rem(38), fontWeight: 700, lineHeight: 1.1, whiteSpace: 'nowrap' }}
        data-testid="stands"
      >
        {search === null ? '…' : percentText(search.stands.odds.service, 0)}
      </Typography>
      {children}
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
          {scale.service.toX - scale.service.fromX < SERVICE_PX
            ? clockText(view.bake.readyFromMs, timeZone)
            : tr`${dayText(view.bake.readyFromMs, timeZone)} ${clockText(view.bake.readyFromMs, timeZone)} service`}
        </text>
      </svg>
    </Box>
  );
}
