'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { area, line, scaleLinear, scaleTime } from 'd3';
import { useMemo } from 'react';
import { doughMoments, massSight, type DoughRun, type Moment, type RanMass } from '@/core/practice';
import type { BakeStep } from '@/core/planner';
import { clockText, dayText, riseText } from '@/ui/format';
import { Glyph, type GlyphName } from '@/ui/marks/glyphs';
import { useWidth } from '@/ui/use-width';
import { zonedTicks } from '@/ui/chart/zoned-ticks';

const HEIGHT = 310;
const TOP = 52;
const STRIP = 62;
const LEFT = 46;
const RIGHT = 16;
const STEP_MS = 600_000;
const GLYPHS: Readonly<Record<Moment['kind'], GlyphName>> = {
  build: 'feed',
  mix: 'mix',
  ball: 'ball',
  move: 'move',
  bake: 'bake',
};

type Point = readonly [atMs: number, rise: number];

/** Levels of a dough’s masses over its hours: as it goes, dotted as it was planned; places and moments under it. */
export function DoughCurves(props: {
  run: DoughRun;
  asPlanned: DoughRun;
  steps: readonly BakeStep[];
  span: { readonly fromMs: number; readonly toMs: number };
  atMs: number;
  /** False hides what is to come, for reading by eye. */
  ahead: boolean;
  timeZone: string;
  placeName: (id: string) => string;
}) {
  const { run, asPlanned, steps, span, atMs, ahead, timeZone, placeName } = props;
  const { ref, width: wide } = useWidth(1000);
  const width = Math.max(340, wide);
  const levels = useMemo(() => run.masses.map(levelsOf), [run]);
  const planned = useMemo(() => asPlanned.masses.map(levelsOf), [asPlanned]);
  const moments = useMemo(() => doughMoments(steps), [steps]);
  const most = Math.max(2, ...[...levels, ...planned].flat().map(([, rise]) => rise));
  const x = scaleTime([span.fromMs, span.toMs], [LEFT, width - RIGHT]);
  const y = scaleLinear([0.95, most * 1.05], [HEIGHT - STRIP, TOP]);
  const path = line<Point>(
    ([at]) => x(at),
    ([, rise]) => y(rise),
  );
  const until = (points: readonly Point[]) => points.filter(([at]) => at <= atMs);
  const from = (points: readonly Point[]) => points.filter(([at]) => at >= atMs - STEP_MS);
  return (
    <Box ref={ref} sx={{ minWidth: 0, overflow: 'hidden' }}>
      <svg
        role="img"
        aria-label={saidOf(run, atMs)}
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        style={{ display: 'block', background: 'var(--paper)' }}
      >
        {y.ticks(4).map((rise) => (
          <g key={rise}>
            <line x1={LEFT} x2={width} y1={y(rise)} y2={y(rise)} stroke="var(--line)" />
            <text x={LEFT - 8} y={y(rise) + 5} fontSize={13} textAnchor="end" fill="var(--ink)">
              {riseText(rise)}
            </text>
          </g>
        ))}
        {zonedTicks(span, Math.max(4, Math.floor(width / 100)), timeZone).map((tick) => (
          <text key={tick} x={x(tick)} y={16} fontSize={13} textAnchor="middle" fill="var(--ink)">
            {tickText(tick, timeZone)}
          </text>
        ))}
        {run.masses.map((mass) => (
          <RipeSpan key={mass.lotId} mass={mass} x={x} ahead={ahead} atMs={atMs} />
        ))}
        <g fill="none" stroke="var(--ink2)" strokeWidth={1.6} strokeDasharray="1 5">
          {planned.map((points, i) => (
            <path key={i} d={path(ahead ? points : until(points)) ?? ''} />
          ))}
        </g>
        {levels.map((points, i) => (
          <Level key={i} past={until(points)} next={ahead ? from(points) : []} x={x} y={y} />
        ))}
        <Places run={run} x={x} placeName={placeName} until={ahead ? span.toMs : atMs} />
        {moments.map((moment) =>
          ahead || moment.atMs <= atMs ? (
            <MomentMark
              key={`${moment.kind} ${moment.atMs}`}
              moment={moment}
              at={x(moment.atMs)}
              done={moment.atMs <= atMs}
            />
          ) : null,
        )}
        <line x1={x(atMs)} x2={x(atMs)} y1={22} y2={HEIGHT} stroke="var(--ink)" strokeWidth={3} />
      </svg>
    </Box>
  );
}

type TimeScale = ReturnType<typeof scaleTime<number>>;
type LevelScale = ReturnType<typeof scaleLinear<number>>;

function Level(props: {
  past: readonly Point[];
  next: readonly Point[];
  x: TimeScale;
  y: LevelScale;
}) {
  const { past, next, x, y } = props;
  const path = line<Point>(
    ([at]) => x(at),
    ([, rise]) => y(rise),
  );
  const fill = area<Point>(
    ([at]) => x(at),
    () => y(1),
    ([, rise]) => y(rise),
  );
  return (
    <>
      <path d={fill([...past]) ?? ''} fill="var(--under)" opacity={0.8} />
      <path d={path([...past]) ?? ''} fill="none" stroke="var(--edge)" strokeWidth={3} />
      <path
        d={path([...next]) ?? ''}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={2.2}
        strokeDasharray="7 5"
      />
    </>
  );
}

function levelsOf(mass: RanMass): Point[] {
  const count = Math.max(1, Math.ceil((mass.toMs - mass.fromMs) / STEP_MS));
  return Array.from({ length: count + 1 }, (_, i): Point => {
    const atMs = Math.min(mass.toMs, mass.fromMs + i * STEP_MS);
    return [atMs, massSight(mass, atMs).rise];
  });
}

/** When a mass is ripe, as far as it is there. */
function RipeSpan(props: { mass: RanMass; x: TimeScale; ahead: boolean; atMs: number }) {
  const { mass, x, ahead, atMs } = props;
  const { opensMs, closesMs } = mass.window;
  if (opensMs === null || mass.kind === 'dough') return null;
  const endMs = Math.min(
    closesMs ?? mass.toMs,
    Math.max(mass.toMs, opensMs),
    x.domain()[1]!.getTime(),
  );
  const untilMs = ahead ? endMs : Math.min(endMs, atMs);
  if (untilMs <= opensMs) return null;
  return (
    <>
      <rect
        x={x(opensMs)}
        width={Math.max(3, x(untilMs) - x(opensMs))}
        y={30}
        height={16}
        fill="var(--ripe)"
        opacity={0.35}
      />
      <text x={x(opensMs) + 4} y={43} fontSize={13} fill="var(--ink)" className="halo">
        {tr`ripe`}
      </text>
    </>
  );
}

function Places(props: {
  run: DoughRun;
  x: TimeScale;
  placeName: (id: string) => string;
  until: number;
}) {
  const { run, x, placeName, until } = props;
  const stretches = placeStretches(run, until);
  return (
    <>
      {stretches.map(({ placeId, fromMs, toMs }) => {
        const wide = x(toMs) - x(fromMs);
        return (
          <g key={fromMs}>
            <rect
              x={x(fromMs)}
              width={Math.max(1, wide - 1)}
              y={HEIGHT - 24}
              height={22}
              fill="var(--flour)"
              stroke="var(--ink)"
            />
            {wide > 9 * placeName(placeId).length ? (
              <text x={x(fromMs) + 6} y={HEIGHT - 8} fontSize={14} fill="var(--ink)">
                {placeName(placeId)}
              </text>
            ) : null}
          </g>
        );
      })}
    </>
  );
}

/** Where the newest mass stands, in stretches. */
function placeStretches({ masses }: DoughRun, until: number) {
  const found: { placeId: string; fromMs: number; toMs: number }[] = [];
  masses.forEach((mass, index) => {
    const nextMs = masses[index + 1]?.fromMs ?? Infinity;
    const endMs = Math.min(mass.toMs, nextMs, until);
    mass.stays.forEach((stay, i) => {
      const toMs = Math.min(endMs, mass.stays[i + 1]?.fromMs ?? Infinity);
      if (toMs <= stay.fromMs) return;
      const last = found.at(-1);
      if (last?.placeId === stay.placeId && last.toMs >= stay.fromMs) last.toMs = toMs;
      else found.push({ placeId: stay.placeId, fromMs: stay.fromMs, toMs });
    });
  });
  return found;
}

function MomentMark({ moment, at, done }: { moment: Moment; at: number; done: boolean }) {
  return (
    <g style={{ color: done ? 'var(--paper)' : 'var(--ink)' }}>
      <circle
        cx={at}
        cy={HEIGHT - 42}
        r={12}
        fill={done ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <Glyph name={GLYPHS[moment.kind]} x={at} y={HEIGHT - 42} size={15} />
    </g>
  );
}

function tickText(atMs: number, timeZone: string): string {
  const clock = clockText(atMs, timeZone);
  return clock === '00:00' ? dayText(atMs, timeZone) : clock.slice(0, 2);
}

function saidOf({ masses }: DoughRun, atMs: number): string {
  const there = masses.filter((one) => one.fromMs <= atMs && atMs <= one.toMs).at(-1);
  if (there === undefined) return tr`Levels of a dough over its hours`;
  return tr`Levels of a dough over its hours; now ${there.name} at ${riseText(massSight(there, atMs).rise)}`;
}
