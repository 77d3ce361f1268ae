'use client';

import { tr, trOf } from '@/words/tr';
import Box from '@mui/material/Box';
import { extent, line, scaleLinear } from 'd3';
import type { LevelPoint } from '@/server/scores/compared-bake';
import type { LotBeside } from '@/server/scores/lots-view';
import { riseText } from '@/ui/format';
import { DASHES, LetterMark, LETTERS } from './letters';
import { LevelAxes } from './level-axes';

const HEIGHT = 330;
const LEFT = 44;
const RIGHT = 16;
const LANE = 16;

/** Levels of lots over each other, from where they were made or around their best; their windows as lines under them. */
export function LotCurves(props: {
  lots: readonly LotBeside[];
  align: 'made' | 'best';
  width: number;
}) {
  const { lots, align, width } = props;
  const floor = HEIGHT - 30 - lots.length * LANE;
  const shiftOf = (lot: LotBeside) => (align === 'made' ? 0 : (lot.window[1] ?? 0));
  const hours = lots.flatMap((lot) => lot.level.map(([hour]) => hour - shiftOf(lot)));
  const rises = lots.flatMap((lot) => [...lot.level, ...lot.looks].map(([, rise]) => rise));
  const [from = 0, to = 1] = extent(hours);
  const x = scaleLinear([from, to], [LEFT, width - RIGHT]);
  const y = scaleLinear([0.95, Math.max(1.6, ...rises) * 1.06], [floor, 10]);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={saidOf(lots)}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      sx={{ display: 'block', width: '100%', height: HEIGHT, background: 'var(--paper)' }}
    >
      <LevelAxes x={x} y={y} width={width} height={HEIGHT} floor={floor} zero={trOf(align)} />
      {lots.map((lot, index) => (
        <LotLevel
          key={lot.lotId}
          lot={lot}
          index={index}
          laneY={floor + 14 + index * LANE}
          x={(hour) => x(hour - shiftOf(lot))}
          y={y}
        />
      ))}
    </Box>
  );
}

function LotLevel(props: {
  lot: LotBeside;
  index: number;
  laneY: number;
  x: (hour: number) => number;
  y: (rise: number) => number;
}) {
  const { lot, index, laneY, x, y } = props;
  const path = line<LevelPoint>(
    ([hour]) => x(hour),
    ([, rise]) => y(rise),
  );
  const mark = lot.level[Math.floor(lot.level.length * (0.45 + index * 0.12))];
  return (
    <>
      <path
        d={path([...lot.level]) ?? ''}
        fill="none"
        stroke="var(--edge)"
        strokeWidth={index === 0 ? 3 : 2.4}
        strokeDasharray={DASHES[index]}
      />
      {lot.looks.map(([hour, rise]) => (
        <circle
          key={`${hour} ${rise}`}
          cx={x(hour)}
          cy={y(rise)}
          r={5}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.4}
        />
      ))}
      {lot.usedH === null ? null : (
        <line
          x1={x(lot.usedH)}
          x2={x(lot.usedH)}
          y1={y(lot.level.at(-1)?.[1] ?? 1) - 9}
          y2={laneY}
          stroke="var(--ink)"
          strokeDasharray="2 3"
        />
      )}
      <WindowLane lot={lot} index={index} laneY={laneY} x={x} />
      <text x={16} y={laneY + 5} fontSize={13} fontWeight={700} fill="var(--ink)">
        {LETTERS[index]}
      </text>
      {mark === undefined ? null : <LetterMark index={index} x={x(mark[0])} y={y(mark[1]) - 18} />}
    </>
  );
}

/** When a lot is ripe, as a line under the levels, its best marked. */
function WindowLane(props: {
  lot: LotBeside;
  index: number;
  laneY: number;
  x: (hour: number) => number;
}) {
  const { lot, index, laneY, x } = props;
  const [opensH, bestH, closesH] = lot.window;
  const lastH = lot.level.at(-1)?.[0] ?? 0;
  return (
    <>
      {opensH === null || opensH > lastH ? null : (
        <line
          x1={x(opensH)}
          x2={x(Math.min(lastH, closesH ?? lastH))}
          y1={laneY}
          y2={laneY}
          stroke="var(--ink)"
          strokeWidth={5}
          strokeDasharray={DASHES[index]}
        />
      )}
      {bestH === null || bestH > lastH ? null : (
        <path d={`M${x(bestH) - 6},${laneY - 6}h12l-6,10z`} fill="var(--ink)" />
      )}
    </>
  );
}

function saidOf(lots: readonly LotBeside[]): string {
  const each = lots.map(({ name, level, window }, index) => {
    const best = window[1];
    const high = Math.max(...level.map(([, rise]) => rise));
    return tr`${LETTERS[index]}, ${name}: highest ${riseText(high)}${best === null ? '' : tr`, best after ${best.toFixed(1)} h`}`;
  });
  return tr`Levels of the lots. ${each.join('; ')}.`;
}
