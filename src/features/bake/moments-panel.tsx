'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { MethodPlan } from '@/core/planner';
import { toLocalText } from '@/core/units';
import { momentText, spanText } from '@/ui/format';
import { GlyphDisc, type GlyphName } from '@/ui/marks/glyphs';
import { rem } from '@/ui/rem';
import { WallTimeField } from '@/ui/fields/wall-time-field';
import type { HeldField } from './fields';

const NUDGE_MS = 15 * 60_000;

/** The moments of a plan: each can be typed or nudged; what is held stays, the rest follows. */
export function MomentsPanel(props: {
  plan: MethodPlan;
  nowMs: number;
  timeZone: string;
  held: Readonly<Record<HeldField, string | null>>;
  onHold: (field: HeldField, value: string | null) => void;
}) {
  const { plan, nowMs, timeZone, held, onHold } = props;
  const at = (atMs: number) => momentText(atMs, nowMs, timeZone);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {momentsOf(plan, at).map((row) => (
        <MomentLine
          key={row.field}
          row={row}
          held={held}
          onHold={onHold}
          timeZone={timeZone}
          at={at}
        />
      ))}
    </Box>
  );
}

interface HeldMoment {
  readonly field: HeldField;
  readonly glyph: GlyphName;
  readonly name: string;
  readonly atMs: number;
  readonly says: string;
}

/** What of a plan can be held: its poolish, its mix, its balls; `at` writes an hour. */
function momentsOf(plan: MethodPlan, at: (atMs: number) => string): readonly HeldMoment[] {
  const { mixAtMs, ballAtMs } = plan;
  const [poolish] = plan.leavens;
  const poolishAtMs = poolish?.atMs ?? mixAtMs;
  const bestMs = poolish?.forecast.window.bestMs ?? null;
  return [
    {
      field: 'poolishAt',
      glyph: 'feed',
      name: tr`Build the poolish`,
      atMs: poolishAtMs,
      says: tr`${spanText(mixAtMs - poolishAtMs)} to the mix`,
    },
    {
      field: 'mixAt',
      glyph: 'mix',
      name: tr`Mix the dough`,
      atMs: mixAtMs,
      says: bestMs === null ? tr`poolish does not get there` : tr`poolish best ${at(bestMs)}`,
    },
    {
      field: 'ballAt',
      glyph: 'ball',
      name: tr`Ball`,
      atMs: ballAtMs,
      says: tr`${spanText(ballAtMs - mixAtMs)} after the mix`,
    },
  ];
}

function MomentLine(props: {
  row: HeldMoment;
  held: Readonly<Record<HeldField, string | null>>;
  onHold: (field: HeldField, value: string | null) => void;
  timeZone: string;
  at: (atMs: number) => string;
}) {
  const { row, held, onHold, timeZone, at } = props;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
      <GlyphDisc name={row.glyph} size={32} />
      <Box sx={{ width: 150 }}>
        <Typography variant="h3" component="p">
          {row.name}
        </Typography>
        <Typography variant="caption" sx={{ color: 'var(--ink2)' }}>
          {row.says}
        </Typography>
      </Box>
      <Box sx={{ flex: '1 1 200px' }}>
        {held[row.field] === null ? (
          <Button
            variant="text"
            size="small"
            aria-description={tr`${row.name}: hold this hour or another`}
            onClick={() => onHold(row.field, toLocalText(row.atMs, timeZone))}
            sx={{ px: 0, fontSize: rem(18), fontWeight: 400 }}
          >
            {tr`${at(row.atMs)}, computed`}
          </Button>
        ) : (
          <WallTimeField
            label={tr`held`}
            value={toLocalText(row.atMs, timeZone)}
            onChange={(value) => onHold(row.field, value)}
            name={row.field}
          />
        )}
      </Box>
      <Button
        size="small"
        aria-label={tr`${row.name}: 15 minutes earlier`}
        onClick={() => onHold(row.field, toLocalText(row.atMs - NUDGE_MS, timeZone))}
      >
        −15
      </Button>
      <Button
        size="small"
        aria-label={tr`${row.name}: 15 minutes later`}
        onClick={() => onHold(row.field, toLocalText(row.atMs + NUDGE_MS, timeZone))}
      >
        +15
      </Button>
      <Button
        size="small"
        variant="text"
        disabled={held[row.field] === null}
        onClick={() => onHold(row.field, null)}
      >
        {tr`Use calculated time`}
      </Button>
    </Box>
  );
}
