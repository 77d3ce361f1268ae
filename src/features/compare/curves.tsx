'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import { line } from 'd3';
import type { CompareView } from '@/server/scores/compare-view';
import type { ComparedBake, LevelPoint } from '@/server/scores/compared-bake';
import { riseText } from '@/ui/format';
import { DASHES, LetterMark } from './letters';
import { LevelAxes } from './level-axes';
import { curveFrame, type CurveFrame } from './curve-frame';

/** Levels of leaven and dough over each other, aligned at the mix or at the bake. */
export function Curves(props: { view: CompareView; align: 'mix' | 'bake'; width: number }) {
  const { view, align, width } = props;
  const frame = curveFrame(view.bakes, align, width);
  const { height, x, y } = frame;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={saidOf(view.bakes)}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ display: 'block', width: '100%', height, background: 'var(--paper)' }}
    >
      <Service frame={frame} bake={view.bakes[0]} />
      <LevelAxes x={x} y={y} width={width} height={height} floor={height - 24} zero={trOf(align)} />
      {view.bakes.map((bake, index) => (
        <Levels key={bake.bakeId} bake={bake} index={index} frame={frame} />
      ))}
    </Box>
  );
}

function Levels(props: { bake: ComparedBake; index: number; frame: CurveFrame }) {
  const { bake, index, frame } = props;
  const { x, y, shiftOf } = frame;
  const shift = shiftOf(bake);
  const path = line<LevelPoint>(
    ([hour]) => x(hour - shift),
    ([, rise]) => y(rise),
  );
  const mark = bake.dough[Math.floor(bake.dough.length * (0.35 + index * 0.12))];
  return (
    <>
      <g fill="none" stroke="var(--ink)" strokeWidth={index === 0 ? 3 : 2.4}>
        <path
          d={path([...bake.leaven]) ?? ''}
          strokeDasharray={DASHES[index]}
          stroke="var(--edge)"
        />
        <path d={path([...bake.dough]) ?? ''} strokeDasharray={DASHES[index]} />
        {[...bake.leavenLooks, ...bake.doughLooks].map(([hour, rise]) => (
          <circle
            key={`${hour} ${rise}`}
            cx={x(hour - shift)}
            cy={y(rise)}
            r={5}
            fill="var(--paper)"
            strokeWidth={2.4}
          />
        ))}
      </g>
      {mark === undefined ? null : (
        <LetterMark index={index} x={x(mark[0] - shift)} y={y(mark[1]) - 18} />
      )}
    </>
  );
}

/** The service of the first bake, with the levels at which its balls spring back, are right, are slack. */
function Service({ frame, bake }: { frame: CurveFrame; bake: ComparedBake | undefined }) {
  const { x, y, height, shiftOf } = frame;
  if (bake === undefined) return null;
  const shift = shiftOf(bake);
  const left = x(bake.servedH[0] - shift);
  const right = x(bake.servedH[1] - shift);
  const floor = height - 24;
  const words = (text: string, at: number) => (
    <text x={right - 6} y={at} fontSize={13} textAnchor="end" fill="var(--ink)" className="halo">
      {text}
    </text>
  );
  return (
    <g>
      <rect x={left} width={Math.max(0, right - left)} y={0} height={floor} fill="var(--lamp)" />
      {bake.zone === null ? null : (
        <>
          <rect
            x={left}
            width={Math.max(0, right - left)}
            y={y(bake.zone[1])}
            height={Math.max(0, y(bake.zone[0]) - y(bake.zone[1]))}
            fill="var(--ripe)"
            opacity={0.22}
          />
          {words(tr`slack`, Math.max(16, y(bake.zone[1]) - 6))}
          {words(tr`right`, (y(bake.zone[0]) + y(bake.zone[1])) / 2 + 5)}
          {words(tr`springs back`, Math.min(floor - 6, y(bake.zone[0]) + 18))}
        </>
      )}
    </g>
  );
}

function saidOf(bakes: readonly ComparedBake[]): string {
  const levels = bakes.map(({ name, dough }, index) => {
    const last = dough.at(-1)?.[1];
    return `${'ABCD'[index]}, ${name}: ${last === undefined ? tr`not known` : tr`${riseText(last)} at the last pizza`}`;
  });
  return tr`Levels of leaven and dough. ${levels.join('; ')}.`;
}
