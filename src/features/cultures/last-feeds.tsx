import { scaleLinear, scaleTime } from 'd3';
import type { About } from '@/services/cultures/about';
import { fillOf, lineOf, type Scales } from '@/ui/curve/curve-paths';
import { dayText, riseText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { zonedTicks } from '@/ui/zoned-ticks';

const HEIGHT = 190;
const RULER = 34;
const FOOT = 8;

/** The level over the last feeds: the line is the forecast, the rings are what was seen. */
export function LastFeeds({ about, width }: { about: About; width: number }) {
  const { feeds, looks, nowMs, units } = about;
  const [first] = feeds;
  if (first === undefined) return null;
  const time = scaleTime([first.startMs, nowMs], [8, width - 12]);
  const most = Math.max(
    2,
    ...feeds.flatMap((one) => [...one.rise]),
    ...looks.map((one) => one.rise),
  );
  const level = scaleLinear([1, most + 0.15], [HEIGHT - FOOT, RULER + 8]);
  const scales: Scales = { x: (ms) => time(ms), y: (rise) => level(rise), base: HEIGHT - FOOT };
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={`Level of ${about.culture.name} over its last ${feeds.length} feeds, forecast and seen`}
      style={{ display: 'block' }}
    >
      <rect x={0} y={0} width={width} height={RULER} fill="var(--flour)" />
      <line x1={0} x2={width} y1={RULER} y2={RULER} stroke="var(--ink)" strokeWidth={2} />
      {zonedTicks(
        { fromMs: first.startMs, toMs: nowMs },
        Math.max(3, Math.min(14, width / 80)),
        units.timeZone,
      ).map((tick) => (
        <text
          key={tick}
          x={Math.max(18, time(tick))}
          y={RULER - 11}
          fontSize={rem(14)}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {dayText(tick, units.timeZone)}
        </text>
      ))}
      {level.ticks(2).map((rise) => (
        <g key={rise}>
          <line x1={0} x2={width} y1={level(rise)} y2={level(rise)} stroke="var(--line)" />
          <text x={6} y={level(rise) - 4} fontSize={rem(13)} fill="var(--ink2)">
            {riseText(rise)}
          </text>
        </g>
      ))}
      {feeds.map((feed, index) => {
        const toMs = Math.min(nowMs, feed.endMs ?? feeds[index + 1]?.startMs ?? nowMs);
        const curve = { fromMs: feed.startMs, stepMs: feed.stepMs, rise: feed.rise };
        return (
          <g key={feed.lotId}>
            {phaseCuts(feed).map((cut) => (
              <path
                key={cut.phase}
                d={fillOf(
                  curve,
                  Math.max(cut.fromMs, feed.startMs),
                  Math.min(cut.toMs, toMs),
                  scales,
                )}
                fill={PHASE_FILL[cut.phase]}
              />
            ))}
            <path
              d={lineOf(curve, feed.startMs, toMs, scales)}
              fill="none"
              stroke="var(--edge)"
              strokeWidth={2}
            />
          </g>
        );
      })}
      {looks.map((look) => (
        <circle
          key={look.atMs}
          cx={scales.x(look.atMs)}
          cy={scales.y(look.rise)}
          r={5}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
      ))}
      <line
        x1={0}
        x2={width}
        y1={scales.base}
        y2={scales.base}
        stroke="var(--ink)"
        strokeWidth={2}
      />
    </svg>
  );
}
