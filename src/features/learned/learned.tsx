'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { scaleLog } from 'd3';
import { useRouter } from 'next/navigation';
import { useTransition } from 'react';
import type { LearnedRow, LearnedView } from '@/services/learned';
import type { Outcome } from '@/services/outcome';
import { dateText, decimals } from '@/ui/format';
import { useSay } from '@/ui/snack';
import { useWidth } from '@/ui/use-width';

type Change = (culture: string) => Promise<Outcome<{ culture: string }>>;

/** What the looks have taught: speed of each culture with its band, and what that did to the forecasts. */
export function Learned(props: { view: LearnedView; reset: Change; undo: Change }) {
  const { view, reset, undo } = props;
  if (view.rows.length === 0) {
    return (
      <Typography sx={{ p: 3 }}>
        Nothing learned yet. Log a look at a starter or a poolish: from then on its forecasts follow
        what you see.
      </Typography>
    );
  }
  return (
    <Box sx={{ background: 'var(--paper)', flex: 1 }}>
      {view.rows.map((row) => (
        <CultureRow key={row.culture} row={row} view={view} reset={reset} undo={undo} />
      ))}
    </Box>
  );
}

function CultureRow(props: { row: LearnedRow; view: LearnedView; reset: Change; undo: Change }) {
  const { row, view, reset, undo } = props;
  const [busy, start] = useTransition();
  const router = useRouter();
  const say = useSay();
  const forget = () =>
    start(async () => {
      const outcome = await reset(row.culture);
      say(
        outcome.ok
          ? {
              text: `${row.name}: back to the book.`,
              action: {
                label: 'Undo',
                run: () => void undo(row.culture).then(() => router.refresh()),
              },
            }
          : { text: outcome.refusals.map((one) => one.sentence).join(' ') },
      );
      router.refresh();
    });
  const slower = row.speed < 1;
  const percent = Math.round(Math.abs(1 - row.speed) * 100);
  return (
    <Box
      component="section"
      aria-label={row.name}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '230px minmax(0, 1fr) 250px auto' },
        gap: 2,
        alignItems: 'center',
        p: 2,
        borderBottom: '1.5px solid var(--line)',
      }}
    >
      <Box>
        <Typography variant="h2">{row.name}</Typography>
        <Typography sx={{ fontSize: 25, fontWeight: 700 }}>
          {percent === 0 ? 'as the book' : `${percent} % ${slower ? 'slower' : 'faster'}`}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          from looks at {row.lots} {row.lots === 1 ? 'lot' : 'lots'}
        </Typography>
      </Box>
      <SpeedBand row={row} />
      <Box>
        <Typography variant="body2">
          Best was off by <strong>{row.bookErrorMin ?? '–'} min</strong> by the book,{' '}
          <strong>{row.learnedErrorMin ?? '–'} min</strong> as learned so far.
        </Typography>
        {row.lessons.slice(0, 3).map((lesson) => (
          <Typography key={lesson.lotId} variant="caption" component="p">
            {dateText(lesson.atMs, view.units.timeZone)} {lesson.lotId}:{' '}
            {lesson.bookErrorMin ?? '–'} → {lesson.learnedErrorMin ?? '–'} min
          </Typography>
        ))}
      </Box>
      <Button size="small" disabled={busy} onClick={forget}>
        Reset
      </Button>
    </Box>
  );
}

const HEIGHT = 74;
const MARKS = [0.5, 0.7, 0.85, 1, 1.2, 1.5, 2];

/** Speed against the book on a line, with its 80 % band. */
function SpeedBand({ row }: { row: LearnedRow }) {
  const { ref, width } = useWidth(420);
  const x = scaleLog([0.5, 2], [16, Math.max(120, width) - 16]).clamp(true);
  return (
    <Box ref={ref} sx={{ minWidth: 0 }}>
      <svg
        width={Math.max(120, width)}
        height={HEIGHT}
        role="img"
        aria-label={`Speed ×${decimals(row.speed, 2)}, 8 in 10 between ×${decimals(row.low, 2)} and ×${decimals(row.high, 2)}`}
        style={{ display: 'block' }}
      >
        <line x1={x(0.5)} x2={x(2)} y1={38} y2={38} stroke="var(--ink)" strokeWidth={2} />
        {MARKS.map((mark) => (
          <g key={mark}>
            <line
              x1={x(mark)}
              x2={x(mark)}
              y1={38}
              y2={mark === 1 ? 50 : 45}
              stroke="var(--ink)"
              strokeWidth={mark === 1 ? 2.5 : 1}
            />
            <text x={x(mark)} y={66} fontSize={14} textAnchor="middle" fill="var(--ink)">
              {mark === 1 ? 'book' : `×${mark}`}
            </text>
          </g>
        ))}
        <line
          x1={x(row.low)}
          x2={x(row.high)}
          y1={24}
          y2={24}
          stroke="var(--doubt)"
          strokeWidth={8}
          strokeLinecap="round"
        />
        <path d={`M${x(row.speed) - 8},22h16l-8,14z`} fill="var(--ink)" />
        <text
          x={x(row.speed)}
          y={14}
          fontSize={15}
          fontWeight={700}
          textAnchor="middle"
          fill="var(--ink)"
        >
          ×{decimals(row.speed, 2)}
        </text>
      </svg>
    </Box>
  );
}
