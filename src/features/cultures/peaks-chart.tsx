import { tr } from '@/words/tr';
import { line, scaleLinear } from 'd3';
import type { PeakAt } from '@/core/cultures';
import type { ShopUnits } from '@/core/units';
import { decimals, tempText } from '@/ui/format';
import { rem } from '@/ui/rem';

const SIZE = { width: 460, height: 190 };
const LEFT = 44;
const FOOT = 30;

/** Hours from feed to best against the room’s temperature, with what is believed of the culture’s speed. */
export function PeaksChart(props: { peaks: readonly PeakAt[]; roomC: number; units: ShopUnits }) {
  const { peaks, roomC, units } = props;
  const known = peaks.filter((one) => one.hours !== null);
  const most = Math.min(24, Math.max(6, ...known.map((one) => one.slowH ?? one.hours ?? 0)));
  const x = scaleLinear(
    [peaks[0]?.tempC ?? 10, peaks.at(-1)?.tempC ?? 32],
    [LEFT, SIZE.width - 14],
  );
  const y = scaleLinear([0, most], [SIZE.height - FOOT, 12]).clamp(true);
  const draw = (of: (one: PeakAt) => number | null) =>
    line<PeakAt>()
      .defined((one) => of(one) !== null && (of(one) ?? 0) <= most)
      .x((one) => x(one.tempC))
      .y((one) => y(of(one) ?? 0))(peaks) ?? '';
  const nearest = known.reduce<PeakAt | null>(
    (best, one) =>
      best === null || Math.abs(one.tempC - roomC) < Math.abs(best.tempC - roomC) ? one : best,
    null,
  );
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="img"
      aria-label={known
        .map((one) => tr`${one.tempC} degrees: ${decimals(one.hours ?? 0, 1)} hours`)
        .join('; ')}
      style={{ display: 'block', maxWidth: 560 }}
    >
      {y.ticks(4).map((hours) => (
        <g key={hours}>
          <line x1={LEFT} x2={SIZE.width} y1={y(hours)} y2={y(hours)} stroke="var(--line)" />
          <text x={LEFT - 6} y={y(hours) + 5} fontSize={rem(14)} textAnchor="end" fill="var(--ink)">
            {`${hours} h`}
          </text>
        </g>
      ))}
      {x.ticks(6).map((tempC) => (
        <text
          key={tempC}
          x={x(tempC)}
          y={SIZE.height - 8}
          fontSize={rem(14)}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {tempText(tempC, units)}
        </text>
      ))}
      <path d={draw((one) => one.fastH)} fill="none" stroke="var(--edge2)" strokeWidth={1.5} />
      <path d={draw((one) => one.slowH)} fill="none" stroke="var(--edge2)" strokeWidth={1.5} />
      <path d={draw((one) => one.hours)} fill="none" stroke="var(--ink)" strokeWidth={3} />
      {nearest === null || (nearest.hours ?? 99) > most ? null : (
        <g>
          <circle
            cx={x(nearest.tempC)}
            cy={y(nearest.hours ?? 0)}
            r={6}
            fill="var(--ripe)"
            stroke="var(--ink)"
            strokeWidth={2}
          />
          <text
            x={x(nearest.tempC) + 10}
            y={y(nearest.hours ?? 0) - 8}
            fontSize={rem(15)}
            fontWeight={700}
            fill="var(--ink)"
          >
            {tr`${decimals(nearest.hours ?? 0, 1)} h at ${tempText(nearest.tempC, units)}`}
          </text>
        </g>
      )}
    </svg>
  );
}
