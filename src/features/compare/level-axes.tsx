import type { ScaleLinear } from 'd3';
import { riseText } from '@/ui/format';

/** Levels on the left, hours below, and the line at which all that is compared meets. */
export function LevelAxes(props: {
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
  width: number;
  height: number;
  /** How far down the line of the meeting point goes. */
  floor: number;
  /** What all meet at. */
  zero: string;
}) {
  const { x, y, width, height, floor, zero } = props;
  return (
    <>
      {y.ticks(5).map((rise) => (
        <g key={rise}>
          <line x2={width} y1={y(rise)} y2={y(rise)} stroke="var(--line)" />
          <text x={6} y={y(rise) - 4} fontSize={13} fill="var(--ink2)">
            {riseText(rise)}
          </text>
        </g>
      ))}
      {x.ticks(Math.max(3, Math.floor(width / 90))).map((hour) => (
        <text
          key={hour}
          x={x(hour)}
          y={height - 8}
          fontSize={13}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {hour === 0 ? zero : `${hour > 0 ? '+' : '−'}${Math.abs(hour)} h`}
        </text>
      ))}
      <line x1={x(0)} x2={x(0)} y1={0} y2={floor} stroke="var(--ink)" strokeWidth={3} />
    </>
  );
}
