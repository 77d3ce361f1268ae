'use client';

import { tr } from '@/words/tr';
import { scaleLinear } from 'd3';
import { Fragment } from 'react';
import type { LotForecast } from '@/core/forecast';
import { addHours, MS_PER_HOUR } from '@/core/units';
import { strandOf } from '@/shop/tide/strands';
import { clockText, dayText } from '../format';
import { Glyph, type GlyphName } from '../marks/glyphs';
import { Textures } from '../marks/textures';
import { StrandPaths } from './strand-paths';
import { strandShape, widthAt } from './strand-shape';
import { rem } from '../rem';
import { zonedTicks } from '../chart/zoned-ticks';

const HEIGHT = 136;
const MIDDLE = 74;
/** Hours nearer than this to the one before stand a line higher, px. */
const NEAR = 46;
const K = 0.9;
const DISC_R = 14;
const QUIET_R = 5;
/** Room that a mark with its hour wants, px. */
const TICK_ROOM_PX = 44;

/** A moment on the strip. */
export interface StageDisc {
  readonly glyph: GlyphName;
  readonly atMs: number;
  /** One of several of its kind: a dot without its hour. */
  readonly quiet?: boolean;
}

/** A bake on one line of time: its leaven swelling into the dough, dough into balls, with their windows. */
export function StageStrip(props: {
  lots: readonly LotForecast[];
  /** Lots whose windows are drawn. */
  windowed: readonly LotForecast[];
  discs: readonly StageDisc[];
  service: { readonly fromMs: number; readonly toMs: number };
  timeZone: string;
  width: number;
  /** Where the clock begins, for strips that lie under each other; left out: at its own first act. */
  firstMs?: number;
}) {
  const { lots, windowed, discs, service, timeZone, width } = props;
  const firstMs = props.firstMs ?? Math.min(...discs.map((one) => one.atMs));
  const hoursAll = (service.toMs - firstMs) / MS_PER_HOUR;
  const fromMs = addHours(firstMs, -Math.max(0.7, hoursAll / 40));
  const toMs = addHours(service.toMs, Math.max(0.7, hoursAll / 60));
  const linear = scaleLinear([fromMs, toMs], [8, width - 8]);
  const x = (atMs: number) => linear(atMs);
  const loud = discs.filter((one) => one.quiet !== true);
  const strandFor = (lot: LotForecast) => strandOf(lot, service.toMs, new Set());
  const strands = lots.map(strandFor);
  const ticks = zonedTicks({ fromMs, toMs }, Math.max(1, width / TICK_ROOM_PX), timeZone);
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={tr`The stages of this bake over time`}
      style={{ display: 'block' }}
    >
      <Textures />
      <rect
        x={x(service.fromMs)}
        y={24}
        width={x(service.toMs) - x(service.fromMs)}
        height={HEIGHT - 24}
        fill="var(--lamp)"
      />
      {ticks.map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={18} y2={24} stroke="var(--ink)" />
          <text x={x(tick)} y={14} fontSize={rem(13)} textAnchor="middle" fill="var(--ink)">
            {tickText(tick, timeZone)}
          </text>
        </g>
      ))}
      <line x1={0} x2={width} y1={24} y2={24} stroke="var(--ink)" strokeWidth={1.5} />
      {strands.map((strand) => {
        const endMs = strand.endMs ?? service.toMs;
        const shape = strandShape({
          strand,
          fromMs: Math.max(fromMs, strand.startMs),
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
      {windowed.map(strandFor).map((strand) => {
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
      {discs
        .filter((one) => one.quiet === true)
        .map(({ atMs }) => (
          <circle key={atMs} cx={x(atMs)} cy={MIDDLE} r={QUIET_R} fill="var(--ink)" />
        ))}
      {loud.map(({ glyph, atMs }, index) => (
        <g key={`${glyph}-${atMs}`} style={{ color: 'var(--ink)' }}>
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
            y={HEIGHT - (raised(loud, index, x) ? 26 : 8)}
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

/** Every second hour of a crowd stands a line higher. */
function raised(discs: readonly StageDisc[], index: number, x: (atMs: number) => number): boolean {
  const [before, one] = [discs[index - 1], discs[index]];
  if (before === undefined || one === undefined) return false;
  return Math.abs(x(one.atMs) - x(before.atMs)) < NEAR && !raised(discs, index - 1, x);
}

function tickText(atMs: number, timeZone: string): string {
  const hour = clockText(atMs, timeZone).slice(0, 2);
  return hour === '00' ? dayText(atMs, timeZone) : hour;
}
