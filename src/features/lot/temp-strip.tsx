'use client';

import { tr } from '@/words/tr';
import { extent, line, scaleLinear, scaleTime } from 'd3';
import type { LotView } from '@/server/lots/lot-view';
import { tempText } from '@/ui/format';
import { rem } from '@/ui/rem';

const HEIGHT = 86;
/** As the chart of levels above it, so that hours stand under hours. */
const LEFT = 60;
const RIGHT = 18;
const LEAST_SPAN_C = 4;

/** How warm a lot is inside and where it stands, under its levels. */
export function TempStrip({ view, width }: { view: LotView; width: number }) {
  const { temps, curve, units, nowMs } = view;
  if (temps.core.length < 2) return null;
  const toMs = curve.fromMs + (curve.rise.length - 1) * curve.stepMs;
  const x = scaleTime([curve.fromMs, toMs], [LEFT, width - RIGHT]);
  const [low = 0, high = 0] = extent([...temps.core, ...temps.place]);
  const spare = Math.max(0, LEAST_SPAN_C - (high - low)) / 2 + 0.5;
  const y = scaleLinear([low - spare, high + spare], [HEIGHT - 12, 12]);
  const atMs = (i: number) => curve.fromMs + i * curve.stepMs;
  const path = line<number>(
    (_, i) => x(atMs(i)),
    (tempC) => y(tempC),
  );
  const endX = x(atMs(temps.core.length - 1));
  const said = (values: readonly number[]) => tempText(values.at(-1) ?? 0, units);
  const now = Math.round(
    (Math.min(nowMs, atMs(temps.core.length - 1)) - curve.fromMs) / curve.stepMs,
  );
  const nowCore = temps.core[Math.max(0, now)] ?? 0;
  const nowPlace = temps.place[Math.max(0, now)] ?? 0;
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={tr`Temperatures: core ${tempText(nowCore, units)}, place ${tempText(nowPlace, units)}; at the end core ${said(temps.core)}, place ${said(temps.place)}`}
      style={{ display: 'block', background: 'var(--paper)', borderTop: '1px solid var(--line)' }}
      data-testid="temps"
    >
      {y.ticks(3).map((tempC) => (
        <g key={tempC}>
          <line x1={LEFT} x2={width} y1={y(tempC)} y2={y(tempC)} stroke="var(--line)" />
          <text
            x={LEFT - 10}
            y={y(tempC) + 5}
            fontSize={rem(14)}
            textAnchor="end"
            fill="var(--ink)"
          >
            {tempText(tempC, units)}
          </text>
        </g>
      ))}
      <path
        d={path([...temps.place]) ?? ''}
        fill="none"
        stroke="var(--ink2)"
        strokeWidth={1.6}
        strokeDasharray="3 4"
      />
      <path d={path([...temps.core]) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
      <Label x={endX} y={y(temps.core.at(-1) ?? 0)} width={width} text={tr`core`} strong />
      <Label
        x={endX}
        y={y(temps.place.at(-1) ?? 0) + labelApart(temps, y)}
        width={width}
        text={tr`place`}
      />
    </svg>
  );
}

/** Px by which the second label is moved where both lines end close to each other. */
function labelApart(temps: LotView['temps'], y: (tempC: number) => number): number {
  const apart = y(temps.place.at(-1) ?? 0) - y(temps.core.at(-1) ?? 0);
  if (Math.abs(apart) >= LABEL_PX) return 0;
  return apart < 0 ? -LABEL_PX - apart : LABEL_PX - apart;
}
const LABEL_PX = 16;

function Label(props: { x: number; y: number; width: number; text: string; strong?: boolean }) {
  const { x, y, width, text, strong = false } = props;
  const inside = x > width - 70;
  return (
    <text
      x={inside ? x - 6 : x + 6}
      y={Math.min(HEIGHT - 6, Math.max(14, y + 4))}
      fontSize={rem(13)}
      fontWeight={strong ? 700 : 400}
      textAnchor={inside ? 'end' : 'start'}
      fill="var(--ink)"
      className="halo"
    >
      {text}
    </text>
  );
}
