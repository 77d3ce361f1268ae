import { clockText, dayText } from '../format';
import { rem } from '../rem';
import { zonedTicks } from './zoned-ticks';

/** The hour of a tick; at midnight the day. */
function hourText(atMs: number, timeZone: string): string {
  const clock = clockText(atMs, timeZone);
  return clock === '00:00' ? dayText(atMs, timeZone) : clock;
}

/** The ruler of time over a chart, its hours by the shop’s clock wherever the browser stands. */
export function TimeRuler(props: {
  span: { readonly fromMs: number; readonly toMs: number };
  x: (atMs: number) => number;
  timeZone: string;
  width: number;
  height: number;
  /** About so many ticks. */
  ticks: number;
  fontSize?: number;
  /** What a tick says; the hour, and the day at midnight, where left out. */
  says?: (atMs: number, timeZone: string) => string;
}) {
  const { span, x, timeZone, width, height, ticks, fontSize = 14, says = hourText } = props;
  return (
    <g>
      <rect x={0} y={0} width={width} height={height} fill="var(--flour)" />
      <line x1={0} x2={width} y1={height} y2={height} stroke="var(--ink)" strokeWidth={2} />
      {zonedTicks(span, ticks, timeZone).map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={height - 7} y2={height} stroke="var(--ink)" />
          <text
            x={Math.max(18, x(tick))}
            y={height - 13}
            fontSize={rem(fontSize)}
            fontWeight={clockText(tick, timeZone) === '00:00' ? 700 : 400}
            textAnchor="middle"
            fill="var(--ink)"
          >
            {says(tick, timeZone)}
          </text>
        </g>
      ))}
    </g>
  );
}
