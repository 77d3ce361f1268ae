import type { ScaleLinear } from 'd3';
import { riseText } from '../format';
import { rem } from '../rem';

/** Lines of equal rise across a chart, each with how many times its size that is. */
export function RiseLines(props: {
  level: ScaleLinear<number, number>;
  width: number;
  /** About so many lines. */
  count: number;
  /** Room left of the lines for what they say, px; 0: it stands on them. */
  margin?: number;
}) {
  const { level, width, count, margin = 0 } = props;
  return (
    <g>
      {level.ticks(count).map((rise) => (
        <g key={rise}>
          <line x1={margin} x2={width} y1={level(rise)} y2={level(rise)} stroke="var(--line)" />
          <text
            x={margin === 0 ? 6 : margin - 10}
            y={level(rise) + (margin === 0 ? -4 : 5)}
            fontSize={rem(margin === 0 ? 13 : 14)}
            textAnchor={margin === 0 ? 'start' : 'end'}
            fill={margin === 0 ? 'var(--ink2)' : 'var(--ink)'}
          >
            {riseText(rise)}
          </text>
        </g>
      ))}
    </g>
  );
}
