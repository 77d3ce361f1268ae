'use client';

import { tr } from '@/words/tr';
import { area, line } from 'd3';
import type { HoldView } from '@/server/hold/question';
import { clockText, riseText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { phaseCuts } from '@/ui/strand/strand-shape';
import type { HoldScale } from './hold-scale';

const TOP = 70;
const HEIGHT = 226;
/** The line that the level stands on; below it is room for words. */
const BOTTOM = HEIGHT - 26;
/** Room that the words of the planned mix take, px. */
const MIX_TEXT_PX = 180;

/** The lot as it was seen and as it is forecast, with its window and the mix that was planned. */
export function LeavenCurve(props: {
  view: HoldView;
  scale: HoldScale;
  width: number;
  behindMin: number | null;
}) {
  const { view, scale, width, behindMin } = props;
  const { strand, nowMs, mixAtMs, units } = view;
  if (strand === null) return null;
  const most = Math.max(2, ...strand.rise) * 1.05;
  const y = (rise: number) => BOTTOM - ((rise - 1) / (most - 1)) * (BOTTOM - TOP);
  const points = strand.rise
    .map((rise, i) => ({ atMs: strand.startMs + i * strand.stepMs, rise }))
    .filter((point) => scale.x(point.atMs) < scale.service.fromX);
  const fill = area<(typeof points)[number]>()
    .x((point) => scale.x(point.atMs))
    .y0(BOTTOM)
    .y1((point) => y(point.rise));
  const stroke = line<(typeof points)[number]>()
    .x((point) => scale.x(point.atMs))
    .y((point) => y(point.rise));
  const { opensMs, bestMs, closesMs } = strand.window;
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={tr`${strand.name}: best ${bestMs === null ? tr`not known` : clockText(bestMs, units.timeZone)}`}
    >
      <rect width={scale.x(nowMs)} height={HEIGHT} fill="var(--dry)" />
      {phaseCuts(strand).map(({ phase, fromMs, toMs }) => (
        <path
          key={phase}
          d={
            fill(
              points.filter((point) => point.atMs >= fromMs - strand.stepMs && point.atMs <= toMs),
            ) ?? ''
          }
          fill={PHASE_FILL[phase]}
        />
      ))}
      <path
        d={stroke(points.filter((point) => point.atMs <= nowMs)) ?? ''}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={3}
      />
      <path
        d={stroke(points.filter((point) => point.atMs >= nowMs)) ?? ''}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={2}
        strokeDasharray="6 5"
      />
      <Bracket opens={opensMs} best={bestMs} closes={closesMs} scale={scale} />
      {view.looks.map((look) => (
        <g key={look.atMs}>
          <circle
            cx={scale.x(look.atMs)}
            cy={y(look.rise)}
            r={7}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={2.4}
          />
          <text
            x={scale.x(look.atMs) - 12}
            y={y(look.rise) + 4}
            textAnchor="end"
            fontSize={15}
            fontWeight={700}
            fill="var(--ink)"
            className="halo"
          >
            {clockText(look.atMs, units.timeZone)} {riseText(look.rise)}
          </text>
        </g>
      ))}
      {mixAtMs === null ? null : (
        <PlannedMix
          at={scale.x(mixAtMs)}
          clock={clockText(mixAtMs, units.timeZone)}
          width={width}
        />
      )}
      {behindMin === null ||
      bestMs === null ||
      mixAtMs === null ||
      Math.abs(behindMin) < 5 ? null : (
        <path
          d={`M${scale.x(mixAtMs)} 26H${scale.x(bestMs)}v18m-5-7l5 7l5-7`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
      )}
      <line
        x1={scale.x(nowMs)}
        x2={scale.x(nowMs)}
        y1={0}
        y2={HEIGHT}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <text x={16} y={24} fontSize={16} fontWeight={700} fill="var(--ink)" className="halo">
        {strand.name}
      </text>
      <text x={16} y={44} fontSize={14} fill="var(--ink2)">
        {view.placeName}
      </text>
    </svg>
  );
}

/** The mix that was planned; its words stand right of it, or as far right as there is room. */
function PlannedMix({ at: x, clock, width }: { at: number; clock: string; width: number }) {
  const isFar = x > width - MIX_TEXT_PX;
  return (
    <g>
      <line x1={x} x2={x} y1={30} y2={BOTTOM} stroke="var(--ink)" strokeDasharray="2 4" />
      <text
        x={isFar ? width - 8 : x + 6}
        y={HEIGHT - 8}
        textAnchor={isFar ? 'end' : 'start'}
        fontSize={15}
        fontWeight={700}
        fill="var(--ink)"
        className="halo"
      >
        {tr`${clock} mix, as planned`}
      </text>
    </g>
  );
}

function Bracket(props: {
  opens: number | null;
  best: number | null;
  closes: number | null;
  scale: HoldScale;
}) {
  const { opens, best, closes, scale } = props;
  if (opens === null) return null;
  const left = scale.x(opens);
  const right =
    closes === null ? scale.service.fromX : Math.min(scale.x(closes), scale.service.fromX);
  return (
    <g stroke="var(--ink)" strokeWidth={2} fill="none">
      <path d={`M${left} 62v-10H${right}${closes === null ? '' : 'v10'}`} />
      {best === null ? null : (
        <path d={`M${scale.x(best) - 7} 52h14l-7 11z`} fill="var(--ink)" stroke="none" />
      )}
    </g>
  );
}
