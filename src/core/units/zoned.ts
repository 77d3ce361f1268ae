import { Temporal } from 'temporal-polyfill';
import { DomainError } from './errors';

/** An instant as the shop's wall clock shows it. */
export interface WallTime {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  /** ISO weekday, 1 = Monday … 7 = Sunday. */
  readonly weekday: number;
  readonly hour: number;
  readonly minute: number;
}

/**
 * The wall clock of a time zone at an instant.
 * @throws {DomainError} time-zone-unknown
 */
export function wallTime(atMs: number, timeZone: string): WallTime {
  const zoned = toZoned(atMs, timeZone);
  return {
    year: zoned.year,
    month: zoned.month,
    day: zoned.day,
    weekday: zoned.dayOfWeek,
    hour: zoned.hour,
    minute: zoned.minute,
  };
}

/**
 * The instant at which the wall clock shows an hour of the day, counted in whole days from another instant's day.
 * In the gap of a daylight-saving night the later reading is taken, in the doubled hour the earlier one.
 * @param dayOffset 0 = the same calendar day, 1 = the next, …
 * @param minuteOfDay minutes since midnight by the wall clock, 0–1439
 * @throws {DomainError} time-zone-unknown
 */
export function atWallMinute(
  ofDayMs: number,
  dayOffset: number,
  minuteOfDay: number,
  timeZone: string,
): number {
  const date = toZoned(ofDayMs, timeZone).toPlainDate().add({ days: dayOffset });
  const time = new Temporal.PlainTime(Math.floor(minuteOfDay / 60), minuteOfDay % 60);
  return date.toZonedDateTime({ timeZone, plainTime: time }).epochMilliseconds;
}

/**
 * Reads "2026-11-27T18:00" as the shop's wall clock means it.
 * @throws {DomainError} local-time-unreadable
 */
export function fromLocalText(text: string, timeZone: string): number {
  try {
    return Temporal.PlainDateTime.from(text).toZonedDateTime(timeZone).epochMilliseconds;
  } catch (cause) {
    throw new DomainError(
      'local-time-unreadable',
      `Time: "${text}" is not a date and time. Allowed: for example 2026-11-27T18:00.`,
      { text, cause: String(cause) },
    );
  }
}

/** The shop's wall clock at an instant as "2026-11-27T18:00". */
export function toLocalText(atMs: number, timeZone: string): string {
  return toZoned(atMs, timeZone).toPlainDateTime().toString({ smallestUnit: 'minute' });
}

/** True when the name is a time zone this machine knows. */
export function isTimeZone(name: string): boolean {
  try {
    toZoned(0, name);
    return true;
  } catch {
    return false;
  }
}

function toZoned(atMs: number, timeZone: string): Temporal.ZonedDateTime {
  try {
    return Temporal.Instant.fromEpochMilliseconds(Math.round(atMs)).toZonedDateTimeISO(timeZone);
  } catch (cause) {
    throw new DomainError('time-zone-unknown', `Time zone: "${timeZone}" is not known.`, {
      timeZone,
      cause: String(cause),
    });
  }
}
