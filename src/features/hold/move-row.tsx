'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { HoldView } from '@/server/hold/question';
import type { ShownMove } from '@/shop/hold/search';
import { BakeRow } from '@/ui/odds/bake-row';
import { clockText } from '@/ui/format';
import { Glyph } from '@/ui/marks/glyphs';
import { rem } from '@/ui/rem';
import { StrandPaths } from '@/ui/strand/strand-paths';
import { strandShape } from '@/ui/strand/strand-shape';
import { besideEachOther, type HoldScale } from './hold-scale';
import { leavenText, moveWords, togetherText } from './hold-words';

const HEIGHT = 108;
const ROPE_Y = 66;
const LEFT_PX = 330;

/** One move: its odds and name, which is the button; its strand through to the service; what it costs. */
export function MoveRow(props: {
  view: HoldView;
  move: ShownMove;
  scale: HoldScale;
  width: number;
  best: boolean;
  asGood: boolean;
  busy: boolean;
  onTake: () => void;
}) {
  const { view, move, scale, width, best, asGood, busy, onTake } = props;
  const words = moveWords(move, view);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: `${LEFT_PX}px minmax(0, 1fr) 236px` },
        borderTop: '2px solid var(--line)',
        background: 'var(--paper)',
      }}
    >
      <Box
        component="button"
        type="button"
        disabled={busy}
        onClick={onTake}
        data-testid="hold-move"
        data-kind={move.kind}
        sx={{
          display: 'grid',
          gridTemplateColumns: '112px 1fr',
          alignItems: 'center',
          minHeight: HEIGHT,
          p: 1.5,
          border: 0,
          textAlign: 'left',
          font: 'inherit',
          cursor: 'pointer',
          background: best ? 'var(--ink)' : 'var(--paper)',
          color: best ? 'var(--paper)' : 'var(--ink)',
        }}
      >
        <span>
          <Box
            component="span"
            sx={{
              display: 'block',
              fontSize: rem(38),
              fontWeight: 700,
              lineHeight: 1.1,
              whiteSpace: 'nowrap',
            }}
          >
            {Math.round(move.odds.service * 100)}
            <Box component="span" sx={{ fontSize: rem(20) }}>
              {' %'}
            </Box>
          </Box>
          {/* What moves stand by, where it is another figure. */}
          <Box component="span" sx={{ fontSize: rem(14), whiteSpace: 'nowrap' }}>
            {togetherText(move.odds)}
          </Box>
        </span>
        <span>
          <Box
            component="span"
            className="name"
            sx={{ display: 'block', fontSize: rem(19), fontWeight: 700, lineHeight: 1.15 }}
          >
            {words.title}
          </Box>
          <Box component="span" sx={{ fontSize: rem(14) }}>
            {asGood ? tr`as good as the first; ` : ''}
            {[words.under, leavenText(move.odds)].filter((text) => text !== '').join('; ')}
          </Box>
        </span>
      </Box>
      <Box sx={{ overflow: 'hidden', display: { xs: 'none', md: 'block' } }}>
        <MovePicture view={view} move={move} scale={scale} width={width} />
      </Box>
      <Box sx={{ p: 1.5 }}>
        {words.costs.map((cost, index) => (
          <Typography key={cost} variant="body2" sx={{ fontWeight: index === 0 ? 700 : 400 }}>
            {cost}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** Room for a move that may still be found. */
export function MoveToCome() {
  return (
    <Box
      aria-hidden="true"
      sx={{
        minHeight: `calc(${HEIGHT}px + 2px)`,
        borderTop: '2px solid var(--line)',
        background: 'var(--paper)',
      }}
    />
  );
}

function MovePicture(props: { view: HoldView; move: ShownMove; scale: HoldScale; width: number }) {
  const { view, move, scale, width } = props;
  const { timeZone } = view.units;
  const left = scale.x(view.nowMs);
  const marks = [
    ...move.changes
      .filter((one) => one.act.kind === 'move')
      .slice(0, 1)
      .map((one) => ({ atMs: one.atMs, glyph: 'move' as const })),
    ...(move.mixAtMs === null ? [] : [{ atMs: move.mixAtMs, glyph: 'mix' as const }]),
    ...(move.ballAtMs === null ? [] : [{ atMs: move.ballAtMs, glyph: 'ball' as const }]),
  ];
  const labelled = besideEachOther(marks.map((one) => ({ ...one, x: scale.x(one.atMs) })));
  return (
    <svg
      width={width - left}
      height={HEIGHT}
      viewBox={`${left} 0 ${width - left} ${HEIGHT}`}
      aria-hidden="true"
    >
      <rect
        x={scale.service.fromX}
        width={scale.service.toX - scale.service.fromX}
        height={HEIGHT}
        fill="var(--lamp)"
      />
      {scale.fold === null ? null : (
        <rect
          x={scale.fold.fromX}
          width={scale.fold.toX - scale.fold.fromX}
          height={HEIGHT}
          fill="var(--night)"
        />
      )}
      {move.strands.map((strand) => {
        const toMs = Math.min(strand.endMs ?? move.serviceToMs, move.serviceToMs);
        const fromMs = Math.max(strand.startMs, view.nowMs);
        if (toMs <= fromMs) return null;
        const shape = strandShape({
          strand,
          fromMs,
          toMs,
          y: ROPE_Y,
          k: 0.8,
          nowMs: view.nowMs,
          scale,
        });
        return <StrandPaths key={strand.lotId} shape={shape} />;
      })}
      {labelled.map(({ atMs, glyph, above }) => (
        <g key={glyph} style={{ color: 'var(--ink)' }}>
          <circle
            cx={scale.x(atMs)}
            cy={ROPE_Y}
            r={14}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={2}
          />
          <Glyph name={glyph} x={scale.x(atMs)} y={ROPE_Y} size={17} />
          <text
            x={scale.x(atMs)}
            y={above ? ROPE_Y - 19 : ROPE_Y + 34}
            fontSize={15}
            fontWeight={700}
            textAnchor="middle"
            fill="var(--ink)"
            className="halo"
          >
            {clockText(atMs, timeZone)}
          </text>
        </g>
      ))}
      <BakeRow
        odds={move.odds}
        x={scale.service.fromX + 6}
        y={8}
        width={scale.service.toX - scale.service.fromX - 12}
      />
    </svg>
  );
}
