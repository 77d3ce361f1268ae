import { addHours, atWallMinute, MS_PER_HOUR } from '../units';
import type { WorkingHours } from './request';

/** A stretch of working time, UTC ms. */
export interface Shift {
  readonly fromMs: number;
  readonly toMs: number;
}

/** The shifts that touch the span from a day before an instant to some days after it. */
export function shiftsAround(
  aroundMs: number,
  days: number,
  hours: WorkingHours,
  timeZone: string,
): Shift[] {
  const shifts: Shift[] = [];
  for (let day = -2; day <= days; day += 1) {
    const fromMs = atWallMinute(aroundMs, day, hours.fromMinute, timeZone);
    const overnight = hours.untilMinute <= hours.fromMinute ? 1 : 0;
    shifts.push({
      fromMs,
      toMs: atWallMinute(aroundMs, day + overnight, hours.untilMinute, timeZone),
    });
  }
  return shifts;
}

/** True when the hands work at an instant. */
export function isWorking(atMs: number, hours: WorkingHours, timeZone: string): boolean {
  return shiftsAround(atMs, 1, hours, timeZone).some(
    (shift) => atMs >= shift.fromMs && atMs <= shift.toMs,
  );
}

const QUARTER_MS = MS_PER_HOUR / 4;

/**
 * The working instant nearest to a wish within a range, on the quarter hour; the wish itself when nobody works in the range.
 */
export function nearestWorking(
  wishMs: number,
  range: Shift,
  hours: WorkingHours,
  timeZone: string,
): number {
  let nearest: number | null = null;
  const firstMs = Math.ceil(range.fromMs / QUARTER_MS) * QUARTER_MS;
  for (let atMs = firstMs; atMs <= range.toMs; atMs += QUARTER_MS) {
    const nearer = nearest === null || Math.abs(atMs - wishMs) < Math.abs(nearest - wishMs);
    if (nearer && isWorking(atMs, hours, timeZone)) nearest = atMs;
  }
  return nearest ?? Math.max(range.fromMs, Math.min(wishMs, addHours(range.toMs, 0)));
}
