'use client';

import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { area, curveMonotoneX, extent, line, scaleLinear } from 'd3';
import type { ShopUnits } from '@/core/units';
import type { ColdStoreLog } from '@/shop/sheets/cold-log';
import { ChartFrame } from '@/ui/chart/chart-frame';
import { zonedTicks } from '@/ui/chart/zoned-ticks';
import { dayText, momentText, tempText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { useWidth } from '@/ui/use-width';

const HEIGHT = 92;
const DAYS_HIGH = 20;
const PAD = 8;
/** A scale never shows less than this, °C: a steady fridge is a line, not a range of mountains. */
const LEAST_SPAN_C = 4;

/** Cold stores over the last days: what was measured, the limit, and what is missing. */
export function ColdCurves(props: {
  cold: readonly ColdStoreLog[];
  nowMs: number;
  units: ShopUnits;
}) {
  const { cold, nowMs, units } = props;
  const { ref, width } = useWidth(560);
  if (cold.length === 0) {
    return <Typography>{tr`No place of the shop is cold: nothing is to be logged.`}</Typography>;
  }
  return (
    <Box ref={ref} sx={{ display: 'grid', gap: 1.5, my: 1 }}>
      {cold.map((store) => (
        <Box key={store.placeId} component="section" aria-label={store.name}>
          <Typography variant="body2" sx={{ display: 'flex', justifyContent: 'space-between' }}>
            <b>{tr`${store.name}, at most ${tempText(store.limitC, units)}`}</b>
            <span>{missingText(store, nowMs, units)}</span>
          </Typography>
          <StoreCurve store={store} nowMs={nowMs} units={units} width={width} />
        </Box>
      ))}
    </Box>
  );
}

/** What a log lacks, in words: readings above all, then what was too warm. */
export function missingText(store: ColdStoreLog, nowMs: number, units: ShopUnits): string {
  const gap = store.gaps.at(-1);
  if (store.curve.length === 0) return tr`nothing measured`;
  if (gap !== undefined) {
    const more = store.gaps.length > 1 ? tr`, ${store.gaps.length} gaps in all` : '';
    const to = gap.toMs >= nowMs ? '' : tr` to ${momentText(gap.toMs, nowMs, units.timeZone)}`;
    return tr`no reading from ${momentText(gap.fromMs, nowMs, units.timeZone)}${to}${more}`;
  }
  const warm = store.excursions.at(-1);
  if (warm === undefined) return tr`complete, never over`;
  return tr`complete; ${tempText(warm.mostC, units)} on ${momentText(warm.fromMs, nowMs, units.timeZone)}`;
}

function StoreCurve(props: {
  store: ColdStoreLog;
  nowMs: number;
  units: ShopUnits;
  width: number;
}) {
  const { store, nowMs, units, width } = props;
  const fromMs = store.days[0]?.fromMs ?? nowMs;
  const [low = store.limitC, high = store.limitC] = extent([
    ...store.curve.map((one) => one.tempC),
    store.limitC,
  ]);
  const middle = (low + high) / 2;
  const half = Math.max(LEAST_SPAN_C, high - low) / 2;
  const x = scaleLinear([fromMs, nowMs], [0, width]);
  const y = scaleLinear([middle - half, middle + half], [HEIGHT - DAYS_HIGH - PAD, PAD]);
  const over = area<ColdStoreLog['curve'][number]>()
    .x((one) => x(one.atMs))
    .y0(() => y(store.limitC))
    .y1((one) => y(Math.max(store.limitC, one.tempC)))
    .curve(curveMonotoneX);
  const drawn = line<ColdStoreLog['curve'][number]>()
    .x((one) => x(one.atMs))
    .y((one) => y(one.tempC))
    .curve(curveMonotoneX);
  return (
    <ChartFrame
      label={tr`Temperatures of ${store.name}: ${missingText(store, nowMs, units)}`}
      width={width}
      height={HEIGHT}
      background="var(--flour)"
    >
      {store.gaps.map((gap) => (
        <rect
          key={gap.fromMs}
          x={x(gap.fromMs)}
          width={Math.max(2, x(gap.toMs) - x(gap.fromMs))}
          height={HEIGHT - DAYS_HIGH}
          fill="var(--dry)"
        />
      ))}
      {pieces(store).map((piece) => (
        <g key={piece[0]?.atMs}>
          <path d={over(piece) ?? ''} fill="var(--ripe)" />
          <path d={drawn(piece) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={2} />
        </g>
      ))}
      <line
        x2={width}
        y1={y(store.limitC)}
        y2={y(store.limitC)}
        stroke="var(--ink)"
        strokeDasharray="6 4"
      />
      {zonedTicks({ fromMs, toMs: nowMs }, Math.floor(width / 90), units.timeZone).map((atMs) => (
        <g key={atMs}>
          <line
            x1={x(atMs)}
            x2={x(atMs)}
            y1={HEIGHT - DAYS_HIGH}
            y2={HEIGHT - DAYS_HIGH + 5}
            stroke="var(--ink)"
          />
          <text x={x(atMs) + 3} y={HEIGHT - 5} fontSize={rem(12)} fill="var(--ink)">
            {dayText(atMs, units.timeZone)}
          </text>
        </g>
      ))}
    </ChartFrame>
  );
}

/** The stretches of a log between its gaps: over a gap nothing is drawn that nobody measured. */
function pieces({ curve, gaps }: ColdStoreLog): (readonly ColdStoreLog['curve'][number][])[] {
  const ends = gaps.map((gap) => gap.toMs);
  return [-Infinity, ...ends]
    .map((fromMs, i) =>
      curve.filter((one) => one.atMs >= fromMs && one.atMs < (ends[i] ?? Infinity)),
    )
    .filter((piece) => piece.length > 0);
}
