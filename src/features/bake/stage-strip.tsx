'use client';

import { scaleTime, scaleLinear } from 'd3';
import { Fragment } from 'react';
import type { BakePlan } from '@/core/planner';
import { addHours, MS_PER_HOUR } from '@/core/units';
import { strandOf } from '@/services/tide/strands';
import { clockText, dayText } from '@/ui/format';
import { Glyph, type GlyphName } from '@/ui/marks/glyphs';
import { Textures } from '@/ui/marks/textures';
import { StrandPaths } from '@/ui/strand/strand-paths';
import { strandShape, widthAt } from '@/ui/strand/strand-shape';
import { rem } from '@/ui/rem';

const HEIGHT = 150;
const MIDDLE = 88;
const K = 0.9;
const DISC_R = 14;
const HOURS_PER_TICK = [1, 2, 3, 6, 12];

/** The bake on one line of time: poolish swelling into the dough, dough into balls, with their windows. */
export function StageStrip(props: { plan: BakePlan; timeZone: string; width: number }) {
  const { plan, timeZone, width } = props;
  const { moments, forecast } = plan;
  const fromMs = addHours(moments.poolishAtMs, -0.7);
  const toMs = addHours(moments.readyToMs, 0.7);
  const linear = scaleLinear([fromMs, toMs], [8, width - 8]);
  const x = (atMs: number) => linear(atMs);
  const lots = [forecast.poolish, forecast.dough, forecast.balls];
  const strands = lots.map((lot) => strandOf(lot, moments.readyToMs, new Set()));
  const discs: [GlyphName, number][] = [
    ['feed', moments.poolishAtMs],
    ['mix', moments.mixAtMs],
    ['ball', moments.ballAtMs],
    ['bake', moments.readyFromMs],
  ];
  const hours = (toMs - fromMs) / MS_PER_HOUR;
  const step = HOURS_PER_TICK.find((one) => (one * width) / hours > 44) ?? 24;
  const ticks = scaleTime([fromMs, toMs], [0, 1])
    .ticks(hours)
    .filter((tick) => Number(clockText(tick.getTime(), timeZone).slice(0, 2)) % step === 0);
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label="The stages of this bake over time"
      style={{ display: 'block' }}
    >
      <Textures />
      <rect
        x={x(moments.readyFromMs)}
        y={24}
        width={x(moments.readyToMs) - x(moments.readyFromMs)}
        height={HEIGHT - 24}
        fill="var(--lamp)"
      />
      {ticks.map((tick) => (
        <g key={tick.getTime()}>
          <line x1={x(tick.getTime())} x2={x(tick.getTime())} y1={18} y2={24} stroke="var(--ink)" />
          <text
            x={x(tick.getTime())}
            y={14}
            fontSize={rem(13)}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {tickText(tick.getTime(), timeZone)}
          </text>
        </g>
      ))}
      <line x1={0} x2={width} y1={24} y2={24} stroke="var(--ink)" strokeWidth={1.5} />
      {strands.map((strand) => {
        const endMs = strand.endMs ?? moments.readyToMs;
        const shape = strandShape({
          strand,
          fromMs: strand.startMs,
          toMs: endMs,
          y: MIDDLE,
          k: K,
          nowMs: -Infinity,
          scale: { x },
        });
        return (
          <Fragment key={strand.lotId}>
            <StrandPaths shape={shape} />
          </Fragment>
        );
      })}
      {[strands[0], strands[2]].map((strand) => {
        if (strand === undefined) return null;
        const { opensMs, bestMs, closesMs } = strand.window;
        if (opensMs === null || bestMs === null) return null;
        const y = MIDDLE - (K * widthAt(strand, bestMs)) / 2 - 10;
        const endMs = Math.min(closesMs ?? toMs, strand.endMs ?? toMs);
        if (opensMs >= endMs) return null;
        return (
          <g key={strand.lotId} stroke="var(--ink)" strokeWidth={2} fill="none">
            <path d={`M${x(opensMs)},${y + 6}V${y}H${x(endMs)}v6`} />
            <path d={`M${x(bestMs) - 6},${y - 3}h12l-6,9z`} fill="var(--ink)" stroke="none" />
          </g>
        );
      })}
      {discs.map(([glyph, atMs]) => (
        <g key={glyph} style={{ color: 'var(--ink)' }}>
          <circle
            cx={x(atMs)}
            cy={MIDDLE}
            r={DISC_R}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={2}
          />
          <Glyph name={glyph} x={x(atMs)} y={MIDDLE} size={18} />
          <text
            x={x(atMs)}
            y={HEIGHT - 12}
            fontSize={rem(15)}
            fontWeight={700}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {clockText(atMs, timeZone)}
          </text>
        </g>
      ))}
    </svg>
  );
}

function tickText(atMs: number, timeZone: string): string {
  const hour = clockText(atMs, timeZone).slice(0, 2);
  return hour === '00' ? dayText(atMs, timeZone) : hour;
}
