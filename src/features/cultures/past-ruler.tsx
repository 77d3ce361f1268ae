import { scaleTime } from 'd3';
import { MS_PER_HOUR } from '@/core/units';
import type { CulturesView } from '@/server/cultures/view';
import { clockText, dayText } from '@/ui/format';
import { rem } from '@/ui/rem';

/** Width of the rows, px, and hours that they show; the last one is now. */
export const ROW_WIDTH = 329;
export const ROW_HOURS = 34;
const LEFT = 16;

/** Where instants of the past stand on the rows. */
export function pastScale(nowMs: number): (atMs: number) => number {
  const scale = scaleTime([nowMs - ROW_HOURS * MS_PER_HOUR, nowMs], [LEFT, ROW_WIDTH]);
  return (atMs) => Math.max(LEFT, scale(atMs));
}

/** The hours of the past over the rows. */
export function PastRuler({ view }: { view: CulturesView }) {
  const { nowMs } = view;
  const { timeZone } = view.units;
  const x = pastScale(nowMs);
  const first = Math.ceil((nowMs - ROW_HOURS * MS_PER_HOUR) / MS_PER_HOUR) * MS_PER_HOUR;
  const ticks = Array.from({ length: ROW_HOURS }, (_, i) => first + i * MS_PER_HOUR).filter(
    (atMs) => Number(clockText(atMs, timeZone).slice(0, 2)) % 6 === 0,
  );
  return (
    <svg
      width={ROW_WIDTH}
      height={40}
      aria-hidden="true"
      style={{ display: 'block', borderBottom: '2px solid var(--ink)' }}
    >
      {ticks.map((atMs) => {
        const hour = clockText(atMs, timeZone).slice(0, 2);
        const at = x(atMs);
        const midnight = hour === '00';
        return at > ROW_WIDTH - 14 ? null : (
          <g key={atMs}>
            <line x1={at} x2={at} y1={32} y2={40} stroke="var(--ink)" />
            <text
              x={at}
              y={25}
              fontSize={rem(14)}
              fontWeight={midnight ? 700 : 400}
              textAnchor="middle"
              fill="var(--ink)"
            >
              {midnight ? dayText(atMs, timeZone) : hour}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
