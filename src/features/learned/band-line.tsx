'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import { scaleLinear, scaleLog } from 'd3';
import type { ShopUnits } from '@/core/units';
import type { LearnedIn, LearnedRow } from '@/server/learned/learned';
import { useWidth } from '@/ui/use-width';
import { valueText } from './words';
import { rem } from '@/ui/rem';

const HEIGHT = 70;
const LINE_Y = 36;
const MARGIN = 26;

/** What each line runs over, and its marks. */
const LINES: Readonly<Record<LearnedIn, { readonly marks: readonly number[] }>> = {
  factor: { marks: [0.5, 0.7, 0.85, 1, 1.2, 1.5, 2] },
  degrees: { marks: [-3, -2, -1, 0, 1, 2, 3] },
  share: { marks: [0, 0.01, 0.02, 0.03, 0.04, 0.05] },
};
const MIXER_MARKS = [0, 1, 2, 3, 4, 5, 6];

/** A learned value on its line, with its 80 % band and the book’s value. */
export function BandLine({ row, units }: { row: LearnedRow; units: ShopUnits }) {
  const { ref, width: measured } = useWidth(420);
  const width = Math.max(160, measured);
  const marks = row.about === 'mixer' ? MIXER_MARKS : LINES[row.unit].marks;
  const domain = [marks[0] as number, marks.at(-1) as number];
  const range = [MARGIN, width - MARGIN];
  const scale = row.unit === 'factor' ? scaleLog(domain, range) : scaleLinear(domain, range);
  const x = scale.clamp(true);
  const text = (value: number) => valueText(row, value, units);
  return (
    <Box ref={ref} sx={{ minWidth: 0 }}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={tr`${text(row.value)}, 8 in 10 between ${text(row.low)} and ${text(row.high)}, the book has ${text(row.book)}`}
        style={{ display: 'block' }}
      >
        <line
          x1={range[0]}
          x2={range[1]}
          y1={LINE_Y}
          y2={LINE_Y}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {marks.map((mark) => (
          <g key={mark}>
            <line
              x1={x(mark)}
              x2={x(mark)}
              y1={LINE_Y}
              y2={LINE_Y + (mark === row.book ? 12 : 7)}
              stroke="var(--ink)"
              strokeWidth={mark === row.book ? 2.5 : 1}
            />
            <text x={x(mark)} y={64} fontSize={rem(14)} textAnchor="middle" fill="var(--ink)">
              {mark === row.book ? tr`book` : text(mark)}
            </text>
          </g>
        ))}
        <line
          x1={x(row.low)}
          x2={x(row.high)}
          y1={22}
          y2={22}
          stroke="var(--doubt)"
          strokeWidth={8}
          strokeLinecap="round"
        />
        <path d={`M${x(row.value) - 8},20h16l-8,14z`} fill="var(--ink)" />
        <text
          x={x(row.value)}
          y={13}
          fontSize={rem(15)}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {text(row.value)}
        </text>
      </svg>
    </Box>
  );
}
