'use client';

import { scaleLinear, scaleTime } from 'd3';
import { Fragment } from 'react';
import type { Curve, LotView } from '@/services/lot-view';
import { clockText, dayText, momentText, riseText } from '@/ui/format';
import { Glyph } from '@/ui/marks/glyphs';
import { PHASE_FILL, Textures } from '@/ui/marks/textures';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { QuietLines } from './quiet-lines';
import { endOf, fillOf, lineOf, type Scales } from '@/ui/curve/curve-paths';
import { rem } from '@/ui/rem';
import { zonedTicks } from '@/ui/zoned-ticks';

const TOP = 96;
const RULER = 40;
const FOOT = 96;
const LEFT = 60;
const RIGHT = 18;

/** The level in the vessel over time: seen and forecast, the window with its band, the looks. */
export function VesselChart(props: {
  view: LotView;
  /** The curve as planned, dotted, while something else is tried. */
  plan: Curve | null;
  width: number;
  height: number;
}) {
  const { view, plan, width, height } = props;
  const { curve, strand, nowMs } = view;
  const toMs = curve.fromMs + (curve.rise.length - 1) * curve.stepMs;
  const most = Math.max(
    2,
    ...curve.rise,
    ...(view.early?.rise ?? []),
    ...view.looks.map((look) => look.rise ?? 1),
  );
  const time = scaleTime([curve.fromMs, toMs], [LEFT, width - RIGHT]);
  const level = scaleLinear([1, most + 0.1], [height - FOOT, TOP]);
  const base = height - FOOT;
  const scales: Scales = { x: (atMs) => time(atMs), y: (rise) => level(rise), base };
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Level of ${strand.name} over time`}
      style={{ display: 'block', background: 'var(--paper)' }}
    >
      <Textures />
      {nowMs > curve.fromMs ? (
        <rect
          x={0}
          y={0}
          width={Math.min(width, scales.x(nowMs))}
          height={height}
          fill="var(--dry)"
          opacity={0.55}
        />
      ) : null}
      <rect x={0} y={0} width={width} height={RULER} fill="var(--flour)" />
      <line x1={0} x2={width} y1={RULER} y2={RULER} stroke="var(--ink)" strokeWidth={2} />
      {zonedTicks(
        { fromMs: curve.fromMs, toMs },
        Math.min(14, width / 90),
        view.units.timeZone,
      ).map((tick) => (
        <g key={tick}>
          <line x1={time(tick)} x2={time(tick)} y1={RULER - 7} y2={RULER} stroke="var(--ink)" />
          <text
            x={time(tick)}
            y={RULER - 13}
            fontSize={rem(15)}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {tickText(tick, view.units.timeZone)}
          </text>
        </g>
      ))}
      {level.ticks(5).map((rise) => (
        <g key={rise}>
          <line x1={LEFT} x2={width} y1={level(rise)} y2={level(rise)} stroke="var(--line)" />
          <text
            x={LEFT - 10}
            y={level(rise) + 5}
            fontSize={rem(14)}
            textAnchor="end"
            fill="var(--ink)"
          >
            {riseText(rise)}
          </text>
        </g>
      ))}
      {phaseCuts(strand).map((cut) => (
        <path
          key={cut.phase}
          d={fillOf(curve, Math.max(cut.fromMs, curve.fromMs), Math.min(cut.toMs, toMs), scales)}
          fill={PHASE_FILL[cut.phase]}
        />
      ))}
      {[view.early, view.late].map((one, index) =>
        one === null ? null : (
          <path
            key={index === 0 ? 'early' : 'late'}
            d={lineOf(one, one.fromMs, Math.min(toMs, endOf(one)), scales)}
            fill="none"
            stroke="var(--edge2)"
            strokeWidth={1.4}
          />
        ),
      )}
      <path
        d={lineOf(curve, curve.fromMs, Math.min(nowMs, toMs), scales)}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={3}
      />
      <path
        d={lineOf(curve, Math.max(nowMs, curve.fromMs), toMs, scales)}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={2.4}
        strokeDasharray="7 5"
      />
      {plan === null ? null : (
        <path
          d={lineOf(plan, plan.fromMs, Math.min(toMs, endOf(plan)), scales)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="2 5"
        />
      )}
      {plan === null ? <QuietLines view={view} scales={scales} top={TOP} toMs={toMs} /> : null}
      {nowMs > curve.fromMs && nowMs < toMs ? (
        <line
          x1={scales.x(nowMs)}
          x2={scales.x(nowMs)}
          y1={0}
          y2={height}
          stroke="var(--ink)"
          strokeWidth={3}
        />
      ) : null}
      <WindowBracket view={view} scales={scales} toMs={toMs} />
      <NextMark view={view} scales={scales} height={height} width={width} />
      <Looks view={view} scales={scales} base={base} />
    </svg>
  );
}

function tickText(atMs: number, timeZone: string): string {
  const clock = clockText(atMs, timeZone);
  if (clock === '00:00') return dayText(atMs, timeZone);
  return clock.endsWith(':00') ? clock.slice(0, 2) : clock;
}

function WindowBracket({ view, scales, toMs }: { view: LotView; scales: Scales; toMs: number }) {
  const { opensMs, bestMs, closesMs, opensBand, bestBand, closesBand } = view.strand.window;
  if (opensMs === null) return null;
  const y = TOP - 16;
  const { timeZone } = view.units;
  const endX = scales.x(Math.min(closesMs ?? toMs, toMs));
  const text = (atMs: number, size: number, anchor: 'start' | 'middle' | 'end') => (
    <text
      x={scales.x(atMs)}
      y={y - 12}
      fontSize={size}
      fontWeight={size > 16 ? 700 : 400}
      textAnchor={anchor}
      fill="var(--ink)"
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {momentText(atMs, view.nowMs, timeZone)}
    </text>
  );
  return (
    <g>
      {[opensBand, closesBand ?? bestBand].map((band) =>
        band === null ? null : (
          <line
            key={band[0]}
            x1={scales.x(band[0])}
            x2={scales.x(Math.min(band[1], toMs))}
            y1={y}
            y2={y}
            stroke="var(--doubt)"
            strokeWidth={8}
            strokeLinecap="round"
          />
        ),
      )}
      <path
        d={`M${scales.x(opensMs)},${y + 8}V${y}H${endX}${closesMs === null ? 'm-7,-6l7,6l-7,6' : 'v8'}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      {text(opensMs, 15, 'end')}
      {bestMs === null ? null : (
        <>
          <path d={`M${scales.x(bestMs) - 8},${y - 4}h16l-8,12z`} fill="var(--ink)" />
          {text(bestMs, 22, 'middle')}
        </>
      )}
      {closesMs === null || closesMs > toMs ? null : text(closesMs, 15, 'start')}
    </g>
  );
}

function NextMark(props: { view: LotView; scales: Scales; height: number; width: number }) {
  const { view, scales, height, width } = props;
  const { next } = view;
  if (next === null) return null;
  const x = scales.x(next.atMs);
  if (x < LEFT || x > width - RIGHT) return null;
  const right = x < width - 240;
  return (
    <g>
      <line x1={x} x2={x} y1={RULER} y2={height - 60} stroke="var(--ink)" strokeWidth={2} />
      <circle cx={x} cy={height - 44} r={17} fill="var(--ink)" />
      <g style={{ color: 'var(--paper)' }}>
        <Glyph name={next.glyph} x={x} y={height - 44} size={22} />
      </g>
      <text
        x={right ? x + 26 : x - 26}
        y={height - 38}
        fontSize={rem(17)}
        fontWeight={700}
        textAnchor={right ? 'start' : 'end'}
        fill="var(--ink)"
      >
        {clockText(next.atMs, view.units.timeZone)} {next.title}
      </text>
    </g>
  );
}

function Looks({ view, scales, base }: { view: LotView; scales: Scales; base: number }) {
  return (
    <>
      {view.looks.map((look) => {
        const x = scales.x(look.atMs);
        const nearKeel = Math.abs(x - scales.x(view.nowMs)) < 44;
        const y = look.rise === null ? base : scales.y(look.rise);
        return (
          <Fragment key={look.atMs}>
            <line x1={x} x2={x} y1={y} y2={base + 12} stroke="var(--ink)" />
            <circle cx={x} cy={y} r={7} fill="var(--paper)" stroke="var(--ink)" strokeWidth={3} />
            {[look.rise === null ? '' : riseText(look.rise), ...look.words].map((word, index) => (
              <text
                key={word}
                x={nearKeel ? x + 8 : x}
                y={base + 28 + index * 17}
                fontSize={rem(14)}
                fontWeight={index === 0 ? 700 : 400}
                textAnchor={nearKeel ? 'end' : 'middle'}
                fill="var(--ink)"
              >
                {word}
              </text>
            ))}
          </Fragment>
        );
      })}
    </>
  );
}
