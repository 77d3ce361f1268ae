import type { TideView } from '@/server/tide';
import { dayText } from '@/ui/format';
import { textWidth } from '../layout/labels';
import type { Picture } from '../layout/picture-parts';
import type { Tick } from '../layout/ticks';
import { rem } from '@/ui/rem';

/** Hours, days and the services’ tents. */
export function RulerLayer(props: { picture: Picture; view: TideView; nowMs: number }) {
  const { picture, view, nowMs } = props;
  const { frame, scale, ticks, days } = picture;
  const base = frame.rulerHeight;
  const { text } = frame;
  return (
    <g>
      <rect x={0} y={0} width={frame.width} height={base} fill="var(--flour)" />
      <line x1={0} x2={frame.width} y1={base} y2={base} stroke="var(--ink)" strokeWidth={2} />
      {ticks.map((tick) => (
        <g key={tick.atMs}>
          <line x1={tick.x} x2={tick.x} y1={base - 7} y2={base} stroke="var(--ink)" />
          {tick.label === null || !fits(tick, picture, nowMs) ? null : (
            <text
              x={tick.x}
              y={base - 12 * text}
              textAnchor="middle"
              fontSize={rem(14)}
              fill="var(--ink)"
            >
              {tick.label}
            </text>
          )}
        </g>
      ))}
      <text
        x={frame.labelWidth + 6}
        y={17 * text}
        className="name"
        fontSize={rem(16)}
        fill="var(--ink)"
      >
        {firstDayFits(picture, view.units.timeZone)
          ? dayText(scale.fromMs, view.units.timeZone)
          : ''}
      </text>
      {days
        .filter((day) => day.x > frame.labelWidth && day.x < frame.width)
        .map((day) => (
          <g key={day.atMs}>
            <line
              x1={day.x}
              x2={day.x}
              y1={22 * text}
              y2={base}
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            {nameFits(day.x + 6, dayText(day.atMs, view.units.timeZone), picture) ? (
              <text
                x={day.x + 6}
                y={17 * text}
                className="name"
                fontSize={rem(16)}
                fill="var(--ink)"
              >
                {dayText(day.atMs, view.units.timeZone)}
              </text>
            ) : null}
          </g>
        ))}
      {picture.tents.map(({ x, width, text: says, title, open }) => (
        <g key={`${x}-${says}`}>
          <title>{title}</title>
          <path
            d={`M${x},${24 * text}v${-24 * text + 10}a10 10 0 0 1 10 -10h${width - 20}a10 10 0 0 1 10 10v${24 * text - 10}z`}
            fill={open ? 'var(--paper)' : 'var(--ink)'}
            stroke="var(--ink)"
            strokeWidth={open ? 1.4 : 0}
            strokeDasharray="4 3"
          />
          <text
            x={x + width / 2}
            y={17 * text}
            textAnchor="middle"
            fontSize={rem(14)}
            fontWeight={700}
            fill={open ? 'var(--ink)' : 'var(--paper)'}
          >
            {says}
          </text>
        </g>
      ))}
    </g>
  );
}

/** True when an hour's figure stands clear of the keel and of both ends. */
function fits(tick: Tick, { frame, scale }: Picture, nowMs: number): boolean {
  const half = 14 * frame.text;
  const clear = Math.abs(tick.x - scale.x(nowMs)) >= half;
  return clear && tick.x > frame.labelWidth + half && tick.x < frame.width - half;
}

/** True when a day's name stands clear of the tents, the keel's head and the end. */
function nameFits(x: number, name: string, { tents, frame }: Picture): boolean {
  const to = x + textWidth(name, 16 * frame.text);
  return to < frame.width && tents.every((tent) => to < tent.x || x > tent.x + tent.width);
}

/** True when the day that the picture begins in has room for its name before the next one. */
function firstDayFits(picture: Picture, timeZone: string): boolean {
  const { days, frame, scale } = picture;
  const next = days.find((day) => day.atMs > scale.fromMs);
  const x = frame.labelWidth + 6;
  const name = dayText(scale.fromMs, timeZone);
  const clear = next === undefined || next.x > x + textWidth(name, 16 * frame.text);
  return clear && nameFits(x, name, picture);
}
