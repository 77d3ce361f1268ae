import type { TideView } from '@/services/tide';
import { dayText } from '@/ui/format';
import type { Picture } from '../layout/picture-parts';
import { coverText } from '../tells';

/** Hours, days and the services’ tents. */
export function RulerLayer(props: { picture: Picture; view: TideView; nowMs: number }) {
  const { picture, view, nowMs } = props;
  const { frame, scale, ticks, days } = picture;
  const base = frame.rulerHeight;
  return (
    <g>
      <rect x={0} y={0} width={frame.width} height={base} fill="var(--flour)" />
      <line x1={0} x2={frame.width} y1={base} y2={base} stroke="var(--ink)" strokeWidth={2} />
      {ticks.map((tick) => (
        <g key={tick.atMs}>
          <line x1={tick.x} x2={tick.x} y1={base - 7} y2={base} stroke="var(--ink)" />
          {tick.label === null || Math.abs(tick.x - picture.scale.x(nowMs)) < 14 ? null : (
            <text x={tick.x} y={base - 12} textAnchor="middle" fontSize={14} fill="var(--ink)">
              {tick.label}
            </text>
          )}
        </g>
      ))}
      <text x={frame.labelWidth + 6} y={17} className="name" fontSize={16} fill="var(--ink)">
        {firstDayFits(picture) ? dayText(scale.fromMs, view.units.timeZone) : ''}
      </text>
      {days
        .filter((day) => day.x > frame.labelWidth && day.x < frame.width - 30)
        .map((day) => (
          <g key={day.atMs}>
            <line x1={day.x} x2={day.x} y1={22} y2={base} stroke="var(--ink)" strokeWidth={1.5} />
            <text x={day.x + 6} y={17} className="name" fontSize={16} fill="var(--ink)">
              {dayText(day.atMs, view.units.timeZone)}
            </text>
          </g>
        ))}
      {view.services
        .filter((service) => service.toMs > scale.fromMs && service.fromMs < scale.toMs)
        .map((service) => {
          const from = scale.x(Math.max(service.fromMs, scale.fromMs));
          const to = scale.x(Math.min(service.toMs, scale.toMs));
          const width = Math.max(58, to - from);
          const wished = Math.min((from + to - width) / 2, frame.width - width - 2);
          const left = Math.max(frame.labelWidth, wished);
          return (
            <g key={service.bakeId}>
              <title>{`${service.name}: ${service.ripe} of ${service.wanted} balls ripe in their turn`}</title>
              <path
                d={`M${left},24v-14a10 10 0 0 1 10 -10h${width - 20}a10 10 0 0 1 10 10v14z`}
                fill="var(--ink)"
              />
              <text
                x={left + width / 2}
                y={17}
                textAnchor="middle"
                fontSize={14}
                fontWeight={700}
                fill="var(--paper)"
              >
                {service.wanted} {coverText(service)}
              </text>
            </g>
          );
        })}
    </g>
  );
}

/** True when the day that the picture begins in has room for its name before the next one. */
function firstDayFits({ days, frame, scale }: Picture): boolean {
  const next = days.find((day) => day.atMs > scale.fromMs);
  return next === undefined || next.x > frame.labelWidth + 44;
}
