/** Milliseconds in an hour: the core counts hours, the journal counts UTC milliseconds. */
export const MS_PER_HOUR = 3_600_000;
/** Milliseconds in a minute. */
export const MS_PER_MINUTE = 60_000;

/** Hours from one instant to another, negative when the second is earlier. */
export function hoursBetween(fromMs: number, toMs: number): number {
  return (toMs - fromMs) / MS_PER_HOUR;
}

/** An instant some hours later, to the millisecond. */
export function addHours(atMs: number, durationH: number): number {
  return Math.round(atMs + durationH * MS_PER_HOUR);
}
