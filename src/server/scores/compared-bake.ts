import type { BakedRun } from '@/core/compare';
import type { LotForecast } from '@/core/forecast';
import type { ScoreBody } from '@/core/journal';
import { valueAtHour } from '@/core/ripeness';
import { hoursBetween } from '@/core/units';
import type { PastBake } from './baked-shop';

/** A point of a level: hours from the mix, × the volume just mixed. */
export type LevelPoint = readonly [hour: number, rise: number];

/** One bake as it is laid beside others. */
export interface ComparedBake extends PastBake {
  readonly mixAtMs: number;
  /** First and last pizza, hours from the mix. */
  readonly servedH: readonly [number, number];
  readonly leaven: readonly LevelPoint[];
  readonly leavenLooks: readonly LevelPoint[];
  readonly dough: readonly LevelPoint[];
  readonly doughLooks: readonly LevelPoint[];
  /** Rises at which its last balls open and close; null where they do not. */
  readonly zone: readonly [opens: number, closes: number] | null;
  readonly standing: { readonly first: number; readonly last: number };
  readonly words: ScoreBody | null;
}

const STEP_H = 0.25;

/** A bake as it stands beside others. */
export function compared(
  run: BakedRun,
  about: PastBake,
  standing: ComparedBake['standing'],
): ComparedBake {
  const mixAtMs = run.dough.story.startMs;
  const [leaven] = run.leavens;
  const { baked, dough, last } = run;
  return {
    ...about,
    mixAtMs,
    servedH: [hoursBetween(mixAtMs, baked.servedFromMs), hoursBetween(mixAtMs, baked.servedToMs)],
    leaven: leaven === undefined ? [] : level(leaven, mixAtMs, mixAtMs),
    leavenLooks: leaven === undefined ? [] : looksOf(leaven, mixAtMs),
    dough: [
      ...level(dough, mixAtMs, last.story.startMs),
      ...level(last, mixAtMs, baked.servedToMs),
    ],
    doughLooks: [...looksOf(dough, mixAtMs), ...looksOf(last, mixAtMs)],
    zone: zoneOf(last),
    standing,
    words: about.score?.score ?? null,
  };
}

/** The level of a lot until an instant, in hours from the mix. */
function level(lot: LotForecast, mixAtMs: number, untilMs: number): LevelPoint[] {
  const { run, story } = lot;
  const fromH = hoursBetween(mixAtMs, story.startMs);
  const untilH = hoursBetween(story.startMs, untilMs);
  const points: LevelPoint[] = [];
  for (let hour = 0; hour < untilH; hour += STEP_H) points.push([fromH + hour, riseAt(lot, hour)]);
  if (untilH > 0 && run.length > 0) points.push([fromH + untilH, riseAt(lot, untilH)]);
  return points;
}

function riseAt({ run }: LotForecast, hour: number): number {
  return valueAtHour(
    { hours: run.hours, length: run.length, at: (row) => run.rises[row] ?? 1 },
    hour,
  );
}

function looksOf(lot: LotForecast, mixAtMs: number): LevelPoint[] {
  return lot.story.looks.flatMap(({ atMs, signs }): LevelPoint[] =>
    signs.rise === undefined ? [] : [[hoursBetween(mixAtMs, atMs), signs.rise]],
  );
}

function zoneOf(lot: LotForecast): readonly [number, number] | null {
  const { opensMs, closesMs } = lot.window;
  if (opensMs === null) return null;
  const opens = riseAt(lot, hoursBetween(lot.story.startMs, opensMs));
  const closes =
    closesMs === null
      ? lot.window.peakRise
      : riseAt(lot, hoursBetween(lot.story.startMs, closesMs));
  return [opens, Math.max(opens, closes)];
}
