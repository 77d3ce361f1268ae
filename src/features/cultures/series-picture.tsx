import { tr } from '@/words/tr';
import { BaseLine, ChartFrame } from '@/ui/chart/chart-frame';
import { PhaseCurve } from '@/ui/strand/phase-curve';
import { TimeRuler } from '@/ui/chart/time-ruler';
import { scaleLinear, scaleTime } from 'd3';
import type { SeriesAnswer } from '@/core/cultures';
import { MS_PER_HOUR } from '@/core/units';
import type { FeedFacts } from '@/server/cultures/feed-facts';
import { type Scales } from '@/ui/chart/curve-paths';
import { clockText } from '@/ui/format';

import { rem } from '@/ui/rem';

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
    <ChartFrame label={tr`Levels of the feeds in a row`} width={width} height={HEIGHT}>
      <TimeRuler
        span={{ fromMs: nowMs, toMs: endMs }}
        x={scales.x}
        timeZone={timeZone}
        width={width}
        height={RULER}
        ticks={Math.max(3, width / 110)}
      />
      {curves.map(({ feed, curve, endMs: toMs }) => (
        <g key={feed.act.lotId}>
          <PhaseCurve
            curve={curve}
            of={{ risingMs: null, window: feed.forecast.window }}
            toMs={toMs}
            scales={scales}
            comesFromMs={feed.atMs}
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
      <BaseLine y={scales.base} width={width} />
    </ChartFrame>
  );
}
