import { tr } from '@/words/tr';
import { BaseLine, ChartFrame } from '@/ui/chart/chart-frame';
import { PhaseCurve } from '@/ui/strand/phase-curve';
import { RiseLines } from '@/ui/chart/rise-lines';
import { TimeRuler } from '@/ui/chart/time-ruler';
import { scaleLinear, scaleTime } from 'd3';
import type { About } from '@/server/cultures/about';
import { type Scales } from '@/ui/chart/curve-paths';
import { dayText } from '@/ui/format';

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
    <ChartFrame
      label={tr`Level of ${about.culture.name} over its last ${feeds.length} feeds, forecast and seen`}
      width={width}
      height={HEIGHT}
    >
      <TimeRuler
        span={{ fromMs: first.startMs, toMs: nowMs }}
        x={scales.x}
        timeZone={units.timeZone}
        width={width}
        height={RULER}
        ticks={Math.max(3, Math.min(14, width / 80))}
        says={dayText}
      />
      <RiseLines level={level} width={width} count={2} />
      {feeds.map((feed, index) => (
        <PhaseCurve
          key={feed.lotId}
          curve={{ fromMs: feed.startMs, stepMs: feed.stepMs, rise: feed.rise }}
          of={feed}
          toMs={Math.min(nowMs, feed.endMs ?? feeds[index + 1]?.startMs ?? nowMs)}
          scales={scales}
        />
      ))}
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
      <BaseLine y={scales.base} width={width} />
    </ChartFrame>
  );
}
