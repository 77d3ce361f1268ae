import { scaleLinear, scaleTime } from 'd3';
import type { SeriesAnswer } from '@/core/cultures';
import { MS_PER_HOUR } from '@/core/units';
import type { FeedFacts } from '@/services/cultures/feed-facts';
import { fillOf, lineOf, type Scales } from '@/ui/curve/curve-paths';
import { clockText, dayText } from '@/ui/format';
import { PHASE_FILL } from '@/ui/marks/textures';
import { rem } from '@/ui/rem';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { zonedTicks } from '@/ui/zoned-ticks';

const HEIGHT = 210;
const RULER = 40;
const FOOT = 10;
const STEP_MS = MS_PER_HOUR / 4;

/** The levels of feeds in a row over one ruler: each rises out of the best of the one before. */
export function SeriesPicture(props: {
  series: Extract<SeriesAnswer, { kind: 'series' }>;
  facts: FeedFacts;
  width: number;
}) {
  const { series, facts, width } = props;
  const { nowMs, timeZone } = facts;
  const curves = series.feeds.map((feed, index) => {
    const { run, window } = feed.forecast;
    const next = series.feeds[index + 1]?.atMs;
    const endMs = next ?? (window.closesMs ?? window.bestMs ?? feed.atMs) + MS_PER_HOUR;
    const count = Math.max(2, Math.ceil((endMs - feed.atMs) / STEP_MS) + 1);
    const rise = Array.from({ length: count }, (_, i) => {
      const hour = (i * STEP_MS) / MS_PER_HOUR;
      let row = 0;
      while (row < run.length - 1 && (run.hours[row] ?? 0) < hour) row += 1;
      return run.rises[row] ?? 1;
    });
    return { feed, endMs, curve: { fromMs: feed.atMs, stepMs: STEP_MS, rise } };
  });
  const endMs = Math.max(...curves.map((one) => one.endMs));
  const time = scaleTime([nowMs, endMs], [0, width - 12]);
  const most = Math.max(2, ...curves.flatMap((one) => one.curve.rise));
  const level = scaleLinear([1, most], [HEIGHT - FOOT, RULER + 30]);
  const scales: Scales = { x: (ms) => time(ms), y: (rise) => level(rise), base: HEIGHT - FOOT };
  return (
    <svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label="Levels of the feeds in a row"
      style={{ display: 'block' }}
    >
      <rect x={0} y={0} width={width} height={RULER} fill="var(--flour)" />
      <line x1={0} x2={width} y1={RULER} y2={RULER} stroke="var(--ink)" strokeWidth={2} />
      {zonedTicks({ fromMs: nowMs, toMs: endMs }, Math.max(3, width / 110), timeZone).map(
        (tick) => {
          const clock = clockText(tick, timeZone);
          return (
            <text
              key={tick}
              x={Math.max(20, time(tick))}
              y={RULER - 14}
              fontSize={rem(14)}
              fontWeight={clock === '00:00' ? 700 : 400}
              textAnchor="middle"
              fill="var(--ink)"
            >
              {clock === '00:00' ? dayText(tick, timeZone) : clock}
            </text>
          );
        },
      )}
      {curves.map(({ feed, curve, endMs: toMs }) => (
        <g key={feed.act.lotId}>
          {phaseCuts({ risingMs: null, window: feed.forecast.window }).map((cut) => (
            <path
              key={cut.phase}
              d={fillOf(curve, Math.max(cut.fromMs, feed.atMs), Math.min(cut.toMs, toMs), scales)}
              fill={PHASE_FILL[cut.phase]}
            />
          ))}
          <path
            d={lineOf(curve, feed.atMs, toMs, scales)}
            fill="none"
            stroke="var(--edge)"
            strokeWidth={2.2}
            strokeDasharray="7 5"
          />
          <circle
            cx={Math.max(9, scales.x(feed.atMs))}
            cy={scales.base}
            r={8}
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth={2.5}
          />
          <text
            x={Math.max(4, scales.x(feed.atMs)) + 12}
            y={RULER + 20}
            fontSize={rem(14)}
            fontWeight={700}
            fill="var(--ink)"
          >
            {clockText(feed.atMs, timeZone)}
          </text>
        </g>
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
