'use client';

import { tr } from '@/words/tr';
import type { Curve } from '@/shop/lots/curve';
import { scaleLinear, scaleTime } from 'd3';
import { Fragment } from 'react';
import type { LotView } from '@/server/lots/lot-view';
import { clockText, dayText, riseText } from '@/ui/format';
import { Glyph } from '@/ui/marks/glyphs';
import { Textures } from '@/ui/marks/textures';

import { ChartFrame } from '@/ui/chart/chart-frame';
import { PhaseCurve } from '@/ui/strand/phase-curve';
import { RiseLines } from '@/ui/chart/rise-lines';
import { TimeRuler } from '@/ui/chart/time-ruler';
import { WindowBracket } from '@/ui/chart/window-bracket';
import { QuietLines } from './quiet-lines';
import { endOf, lineOf, type Scales } from '@/ui/chart/curve-paths';
import { rem } from '@/ui/rem';

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
    <ChartFrame
      label={tr`Level of ${strand.name} over time`}
      width={width}
      height={height}
      background="var(--paper)"
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
      <TimeRuler
        span={{ fromMs: curve.fromMs, toMs }}
        x={scales.x}
        timeZone={view.units.timeZone}
        width={width}
        height={RULER}
        ticks={Math.min(14, width / 90)}
        fontSize={15}
        says={tickText}
      />
      <RiseLines level={level} width={width} count={5} margin={LEFT} />
      <PhaseCurve curve={curve} of={strand} toMs={toMs} scales={scales} comesFromMs={nowMs} />
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
      <WindowBracket
        window={strand.window}
        x={scales.x}
        y={TOP - 16}
        toMs={toMs}
        nowMs={nowMs}
        timeZone={view.units.timeZone}
      />
      <NextMark view={view} scales={scales} height={height} width={width} />
      <Looks view={view} scales={scales} base={base} />
    </ChartFrame>
  );
}

function tickText(atMs: number, timeZone: string): string {
  const clock = clockText(atMs, timeZone);
  if (clock === '00:00') return dayText(atMs, timeZone);
  return clock.endsWith(':00') ? clock.slice(0, 2) : clock;
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
