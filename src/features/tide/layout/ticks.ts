import { atWallMinute, wallTime } from '@/core/units';
import type { TimeScale } from './time-scale';

/** A mark on the ruler. */
export interface Tick {
  readonly atMs: number;
  readonly x: number;
  /** "07", or null for a mark without a figure. */
  readonly label: string | null;
}

/** A day's start on the ruler. */
export interface DayMark {
  readonly atMs: number;
  readonly x: number;
}

/** Least room between two hours with a figure, px at the usual text. */
const LABEL_ROOM = 26;
const STEPS = [1, 2, 3, 6, 12];

/** Hours and days of a scale. */
export function rulerMarks(
  scale: TimeScale,
  timeZone: string,
  text: number,
): { ticks: Tick[]; days: DayMark[] } {
  const room = LABEL_ROOM * text;
  const ticks: Tick[] = [];
  const days: DayMark[] = [];
  let labelledTo = -Infinity;
  for (let day = 0; day < 12; day += 1) {
    for (let hour = 0; hour < 24; hour += 1) {
      const atMs = atWallMinute(scale.fromMs, day, hour * 60, timeZone);
      if (atMs < scale.fromMs || atMs > scale.toMs) continue;
      const x = scale.x(atMs);
      if (hour === 0) days.push({ atMs, x });
      const step = stepAt(scale, atMs, room);
      if (hour % step !== 0) continue;
      const fits = hour !== 0 && x - labelledTo >= room;
      if (fits) labelledTo = x;
      ticks.push({
        atMs,
        x,
        label: fits ? String(wallTime(atMs, timeZone).hour).padStart(2, '0') : null,
      });
    }
  }
  return { ticks, days };
}

/** Hours between figures where the scale has its rate. */
function stepAt(scale: TimeScale, atMs: number, room: number): number {
  const hour = scale.x(atMs + 1_800_000) - scale.x(atMs - 1_800_000);
  return STEPS.find((step) => step * hour >= room) ?? 24;
}
