import type { LotForecast } from '../forecast';
import { valueAtHour } from '../ripeness';
import { addHours, hoursBetween } from '../units';

/** When a lot is frozen best, and how far it has risen now. */
export interface FreezeWhen {
  /** Null: from the first. */
  readonly fromMs: number | null;
  /** After it more of what it holds is lost in the thaw. */
  readonly untilMs: number;
  /** Share of its rise to its best that it has now, 0 and more. */
  readonly risenNow: number;
}

/** A dough or a ball keeps its skin and its strength where it is frozen before so much of its rise: gas that is held already is lost in the thaw. Set. */
const DOUGH_UNTIL = 0.35;
/** A leaven is frozen with many cells and food left: between these shares of its rise. Set. */
const LEAVEN = { from: 0.5, until: 0.9 } as const;
const DOUGHS: ReadonlySet<string> = new Set(['dough', 'balls', 'carry-over']);

/**
 * When a lot is frozen best: doughs and balls early in their rise, leavens late in it. A rule of the trade, set; the model keeps
 * the same share of the cells whenever it freezes.
 * @returns null for a lot that does not rise
 */
export function freezeWhen({ story, window, run }: LotForecast, nowMs: number): FreezeWhen | null {
  const endMs = window.bestMs ?? window.opensMs;
  if (endMs === null) return null;
  const endH = hoursBetween(story.startMs, endMs);
  const top = riseAt(run, endH) - 1;
  if (!(top > 0.05)) return null;
  const risen = (hour: number) => (riseAt(run, hour) - 1) / top;
  const reaches = (share: number) => {
    for (let row = 0; row < run.length; row += 1) {
      const hour = run.hours[row] ?? 0;
      if (hour >= endH) break;
      if (risen(hour) >= share) return addHours(story.startMs, hour);
    }
    return endMs;
  };
  const risenNow = Math.max(0, risen(Math.max(0, hoursBetween(story.startMs, nowMs))));
  return DOUGHS.has(story.lot.kind)
    ? { fromMs: null, untilMs: reaches(DOUGH_UNTIL), risenNow }
    : { fromMs: reaches(LEAVEN.from), untilMs: reaches(LEAVEN.until), risenNow };
}

/** Rise over the volume at the start, by the run. */
const riseAt = (run: LotForecast['run'], hour: number): number =>
  valueAtHour(
    { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 1 },
    hour,
  );
