import { ordinal } from '@/words/figures';
import { tr } from '@/words/tr';
import { area, curveStepAfter } from 'd3';
import type { ChainRow, DiscardRow, FrozenRow } from '@/server/cultures/rows/kept-rows';
import type { CulturesView } from '@/server/cultures/view';
import { dateText, massText, thicknessText, momentText, percentText } from '@/ui/format';
import { rem } from '@/ui/rem';
import { pastScale, ROW_WIDTH } from './past-ruler';
import { RowFrame } from './row-frame';

/** A chain of carry-over dough: its refreshes and until when it keeps. */
export function ChainLine({ row, view }: { row: ChainRow; view: CulturesView }) {
  const { nowMs, units } = view;
  const x = pastScale(nowMs);
  const massG = row.lots.reduce((sum, lot) => sum + lot.massG, 0);
  const salt = row.saltShare === null ? '' : tr` · salt ${percentText(row.saltShare)}`;
  return (
    <RowFrame
      name={row.culture.name}
      under={tr`carry-over, ${ordinal(row.generation)} time · ${massText(massG, units)}${salt}`}
      state={
        row.endsMs === null
          ? tr`nothing left`
          : tr`keeps to ${momentText(row.endsMs, nowMs, units.timeZone)}`
      }
      phase="under"
      opened={view.openedId === row.culture.id}
      href={`/cultures/${encodeURIComponent(row.culture.id)}`}
      height={44}
      label={tr`${row.culture.name}: refreshed ${row.refreshes.length} times in the last hours`}
    >
      <rect
        x={16}
        y={18}
        width={ROW_WIDTH - 16}
        height={12}
        fill="var(--under)"
        stroke="var(--edge)"
      />
      <rect x={16} y={32} width={ROW_WIDTH - 16} height={4} fill="var(--olive)" />
      {row.refreshes.map((one) => (
        <RefreshMark key={one.atMs} one={one} x={x} />
      ))}
    </RowFrame>
  );
}

function RefreshMark({
  one,
  x,
}: {
  one: { readonly atMs: number; readonly generation: number };
  x: (atMs: number) => number;
}) {
  return (
    <g>
      <circle
        cx={x(one.atMs)}
        cy={24}
        r={9}
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <text x={x(one.atMs) + 14} y={13} fontSize={rem(13)} fill="var(--ink)">
        {ordinal(one.generation)}
      </text>
    </g>
  );
}

/** A discard jar: how full it is against its limit, and until when its oldest layer keeps. */
export function DiscardLine({ row, view }: { row: DiscardRow; view: CulturesView }) {
  const { nowMs, units } = view;
  const x = pastScale(nowMs);
  const limitG = row.culture.limitG ?? Math.max(1, row.nowG);
  const y = (massG: number) => 46 - (38 * massG) / Math.max(limitG, row.nowG);
  const [oldest] = row.layers;
  const draw = area<{ atMs: number; massG: number }>()
    .x((one) => x(one.atMs))
    .y0(46)
    .y1((one) => y(one.massG))
    .curve(curveStepAfter);
  const steps = [...row.fill, { atMs: nowMs, massG: row.nowG }];
  return (
    <RowFrame
      name={row.culture.name}
      under={
        oldest?.endsMs == null
          ? tr`discard jar`
          : tr`discard · oldest keeps to ${dateText(oldest.endsMs, units.timeZone)}`
      }
      state={
        row.culture.limitG === null
          ? massText(row.nowG, units)
          : tr`${massText(row.nowG, units)} of ${massText(row.culture.limitG, units)}`
      }
      phase="past"
      opened={view.openedId === row.culture.id}
      href={`/cultures/${encodeURIComponent(row.culture.id)}`}
      height={50}
      label={tr`${row.culture.name}: filled to ${massText(row.nowG, units)}`}
    >
      <path d={draw(steps) ?? ''} fill="url(#tx-past)" stroke="var(--edge)" />
      <line
        x1={16}
        x2={ROW_WIDTH}
        y1={y(limitG)}
        y2={y(limitG)}
        stroke="var(--ink)"
        strokeDasharray="2 4"
      />
    </RowFrame>
  );
}

/** A bag in the freezer: how much of its time is used. */
export function FrozenLine({ row, view }: { row: FrozenRow; view: CulturesView }) {
  const { units } = view;
  const used = Math.min(1, row.days / row.keepsDays);
  const left = row.keepsDays - row.days;
  const flat = row.flatMm === null ? tr`lump` : tr`flat ${thicknessText(row.flatMm, units)}`;
  return (
    <RowFrame
      name={row.name}
      under={tr`${massText(row.massG, units)} · ${flat} · since ${dateText(row.sinceMs, units.timeZone)}`}
      state={left > 0 ? tr`${left} days left` : tr`past its time`}
      phase={left > 0 ? 'under' : 'past'}
      opened={view.openedId === row.lotId}
      href={`/cultures/frozen/${encodeURIComponent(row.lotId)}`}
      height={26}
      label={tr`${row.days} of ${row.keepsDays} days in the freezer`}
    >
      <rect x={16} y={8} width={184} height={10} fill="var(--paper)" stroke="var(--edge)" />
      <rect x={16} y={8} width={184 * used} height={10} fill="var(--under)" stroke="var(--edge)" />
      <text x={ROW_WIDTH - 12} y={18} fontSize={rem(13)} textAnchor="end" fill="var(--ink2)">
        {tr`${row.days} of ${row.keepsDays} days`}
      </text>
    </RowFrame>
  );
}
