'use client';

import { useSpareHeight } from '@/ui/use-spare-height';
import { BaseLine, ChartFrame } from '@/ui/chart/chart-frame';
import { PhaseCurve } from '@/ui/strand/phase-curve';
import { RiseLines } from '@/ui/chart/rise-lines';
import { TimeRuler } from '@/ui/chart/time-ruler';
import { WindowBracket } from '@/ui/chart/window-bracket';
import { scaleLinear, scaleTime } from 'd3';
import type { FeedSheet } from '@/core/cultures';
import { MS_PER_HOUR } from '@/core/units';
import { lineOf, type Scales } from '@/ui/chart/curve-paths';

const TOP = 62;
const RULER = 40;
const FOOT = 10;

/** A mix to come with its level and its window. */
export type ToCome = Pick<FeedSheet, 'curve' | 'atMs' | 'window' | 'risingMs'>;

/** The level of a mix to come, its window with its band, and the hour it is wanted at; on a large screen it takes the room there is. */
export function HoursCurve(props: {
  sheet: ToCome;
  label: string;
  readyMs: number | null;
  nowMs: number;
  timeZone: string;
  width: number;
  /** The least it is drawn, px. */
  height: number;
}) {
  const { sheet, readyMs, nowMs, timeZone, width } = props;
  const height = props.height + useSpareHeight();
  const { curve, atMs, window } = sheet;
  const stepMs = curve.stepH * MS_PER_HOUR;
  const endMs = Math.max(
    atMs + (curve.rise.length - 1) * stepMs,
    readyMs === null ? 0 : readyMs + MS_PER_HOUR,
  );
  const time = scaleTime([Math.min(nowMs, atMs), endMs], [0, width - 12]);
  const most = Math.max(2, ...curve.rise, ...curve.early, ...curve.late);
  const level = scaleLinear([1, most], [height - FOOT, RULER + TOP]);
  const base = height - FOOT;
  const scales: Scales = { x: (ms) => time(ms), y: (rise) => level(rise), base };
  const line = (rise: readonly number[]) => ({ fromMs: atMs, stepMs, rise });
  const toMs = atMs + (curve.rise.length - 1) * stepMs;
  return (
    <ChartFrame label={props.label} width={width} height={height}>
      <TimeRuler
        span={{ fromMs: Math.min(nowMs, atMs), toMs: endMs }}
        x={scales.x}
        timeZone={timeZone}
        width={width}
        height={RULER}
        ticks={Math.max(3, Math.min(12, width / 100))}
      />
      <RiseLines level={level} width={width} count={2} />
      <PhaseCurve
        curve={line(curve.rise)}
        of={sheet}
        toMs={toMs}
        scales={scales}
        comesFromMs={atMs}
      />
      {[curve.early, curve.late].map((rise, index) =>
        rise.length === 0 ? null : (
          <path
            key={index === 0 ? 'early' : 'late'}
            d={lineOf(line(rise), atMs, toMs, scales)}
            fill="none"
            stroke="var(--edge2)"
            strokeWidth={1.4}
          />
        ),
      )}
      <BaseLine y={base} width={width} />
      {readyMs === null ? null : (
        <line
          x1={scales.x(readyMs)}
          x2={scales.x(readyMs)}
          y1={RULER + 46}
          y2={base}
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
      )}
      <WindowBracket
        window={window}
        x={(ms) => Math.min(width - 4, scales.x(ms))}
        y={RULER + 50}
        toMs={toMs}
        nowMs={nowMs}
        timeZone={timeZone}
      />
    </ChartFrame>
  );
}
