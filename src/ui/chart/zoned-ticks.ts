import { atWallMinute, MS_PER_HOUR } from '@/core/units';

/** Hours from one mark to the next. */
const STEPS_H = [1, 2, 3, 4, 6, 12, 24, 48, 96, 168] as const;

/**
 * Round hours of the shop's wall clock between two instants, for the marks of a chart: never the hours of the browser's zone,
 * and right through the nights in which the clocks change.
 * @param most marks wanted at most
 * @returns instants, UTC ms, ascending
 */
export function zonedTicks(
  { fromMs, toMs }: { readonly fromMs: number; readonly toMs: number },
  most: number,
  timeZone: string,
): number[] {
  const hours = (toMs - fromMs) / MS_PER_HOUR;
  const stepH = STEPS_H.find((step) => hours / step <= Math.max(1, most)) ?? STEPS_H.at(-1) ?? 24;
  const ticks: number[] = [];
  const days = Math.min(MOST_DAYS, Math.ceil(hours / 24) + 1);
  const everyDays = Math.max(1, stepH / 24);
  for (let day = 0; day <= days; day += everyDays) {
    for (let hour = 0; hour < 24; hour += Math.min(24, stepH)) {
      const atMs = atWallMinute(fromMs, day, hour * 60, timeZone);
      if (atMs >= fromMs && atMs <= toMs && atMs !== ticks.at(-1)) ticks.push(atMs);
    }
  }
  return ticks;
}

/** Charts are not longer than this. */
const MOST_DAYS = 400;
