import { scaleLinear, scaleTime } from 'd3';
import type { FeedSheet } from '@/core/cultures';
import { MS_PER_HOUR, wallTime } from '@/core/units';
import { fillOf, lineOf, type Scales } from '@/ui/curve/curve-paths';
import { clockText, dayText, momentText, riseText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { zonedTicks } from '@/ui/zoned-ticks';

const TOP = 62;
const RULER = 40;
const FOOT = 10;

/** A mix to come with its level and its window. */
export type ToCome = Pick<FeedSheet, 'curve' | 'atMs' | 'window' | 'risingMs'>;

/** The level of a mix to come, its window with its band, and the hour it is wanted at. */
export function HoursCurve(props: {
  sheet: ToCome;
  label: string;
  readyMs: number | null;
  nowMs: number;
  timeZone: string;
  width: number;
  height: number;
}) {
  const { sheet, readyMs, nowMs, timeZone, width, height } = props;
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
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={props.label}
      style={{ display: 'block' }}
    >
      <rect x={0} y={0} width={width} height={RULER} fill="var(--flour)" />
      <line x1={0} x2={width} y1={RULER} y2={RULER} stroke="var(--ink)" strokeWidth={2} />
      {zonedTicks(
        { fromMs: Math.min(nowMs, atMs), toMs: endMs },
        Math.max(3, Math.min(12, width / 100)),
        timeZone,
      ).map((tick) => (
        <g key={tick}>
          <line x1={time(tick)} x2={time(tick)} y1={RULER - 7} y2={RULER} stroke="var(--ink)" />
          <text
            x={Math.max(16, time(tick))}
            y={RULER - 14}
            fontSize={rem(14)}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {tickText(tick, timeZone)}
          </text>
        </g>
      ))}
      {level.ticks(2).map((rise) => (
        <g key={rise}>
          <line x1={0} x2={width} y1={level(rise)} y2={level(rise)} stroke="var(--line)" />
          <text x={6} y={level(rise) - 4} fontSize={rem(13)} fill="var(--ink2)">
            {riseText(rise)}
          </text>
        </g>
      ))}
      {phaseCuts(sheet).map((cut) => (
        <path
          key={cut.phase}
          d={fillOf(line(curve.rise), Math.max(cut.fromMs, atMs), Math.min(cut.toMs, toMs), scales)}
          fill={PHASE_FILL[cut.phase]}
        />
      ))}
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
      <path
        d={lineOf(line(curve.rise), atMs, toMs, scales)}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={2.2}
        strokeDasharray="7 5"
      />
      <line x1={0} x2={width} y1={base} y2={base} stroke="var(--ink)" strokeWidth={2} />
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
      <Bracket window={window} scales={scales} toMs={toMs} at={{ nowMs, timeZone }} width={width} />
    </svg>
  );
}

/** The hour; at midnight the day. */
function tickText(atMs: number, timeZone: string): string {
  const { hour, minute } = wallTime(atMs, timeZone);
  return hour === 0 && minute === 0 ? dayText(atMs, timeZone) : clockText(atMs, timeZone);
}

function Bracket(props: {
  window: ToCome['window'];
  scales: Scales;
  toMs: number;
  at: { nowMs: number; timeZone: string };
  width: number;
}) {
  const { window, scales, toMs, at, width } = props;
  const { opensMs, bestMs, closesMs, opensBand, closesBand } = window;
  if (opensMs === null) return null;
  const y = RULER + 50;
  const x = (ms: number) => Math.min(width - 4, scales.x(ms));
  const endX = x(Math.min(closesMs ?? toMs, toMs));
  const text = (ms: number, size: number, anchor: 'start' | 'middle' | 'end') => (
    <text
      x={Math.max(24, x(ms))}
      y={y - 12}
      fontSize={rem(size)}
      fontWeight={size > 16 ? 700 : 400}
      textAnchor={anchor}
      fill="var(--ink)"
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {momentText(ms, at.nowMs, at.timeZone)}
    </text>
  );
  return (
    <g>
      {[opensBand, closesBand].map((band, index) =>
        band === null ? null : (
          <line
            key={index === 0 ? 'opens' : 'closes'}
            x1={x(band[0])}
            x2={x(band[1])}
            y1={y}
            y2={y}
            stroke="var(--doubt)"
            strokeWidth={8}
            strokeLinecap="round"
          />
        ),
      )}
      <path
        d={`M${x(opensMs)},${y + 8}V${y}H${endX}${closesMs === null ? '' : 'v8'}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      {bestMs === null || x(bestMs) - x(opensMs) < 76 ? null : text(opensMs, 14, 'end')}
      {bestMs === null ? null : (
        <>
          <path d={`M${x(bestMs) - 7},${y - 3}h14l-7,10z`} fill="var(--ink)" />
          {text(bestMs, 21, 'middle')}
        </>
      )}
      {closesMs === null || closesMs > toMs || endX - x(bestMs ?? opensMs) < 76
        ? null
        : text(closesMs, 14, 'start')}
    </g>
  );
}
