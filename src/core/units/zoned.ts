import { tr } from '@/words/tr';
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
  const local = new Date(atMs + offsetMs(atMs, timeZone));
  return {
    year: local.getUTCFullYear(),
    month: local.getUTCMonth() + 1,
    day: local.getUTCDate(),
    weekday: local.getUTCDay() === 0 ? 7 : local.getUTCDay(),
    hour: local.getUTCHours(),
    minute: local.getUTCMinutes(),
  };
}

/** Clocks are set at whole quarters of an hour: within one the offset is the same. */
const QUARTER_MS = 900_000;
const MOST_QUARTERS = 20_000;
const offsets = new Map<string, Map<number, number>>();

/** How far a zone's wall clock is ahead of UTC, ms; looked up once for each quarter of an hour. */
function offsetMs(atMs: number, timeZone: string): number {
  const quarter = Math.floor(atMs / QUARTER_MS);
  let known = offsets.get(timeZone);
  if (known === undefined || known.size > MOST_QUARTERS) {
    known = new Map();
    offsets.set(timeZone, known);
  }
  let offset = known.get(quarter);
  if (offset === undefined) {
    offset = toZoned(quarter * QUARTER_MS, timeZone).offsetNanoseconds / 1e6;
    known.set(quarter, offset);
  }
  return offset;
}

const DAY_MS = 86_400_000;

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
  const { year, month, day } = wallTime(ofDayMs, timeZone);
  const asUtcMs = Date.UTC(year, month - 1, day + dayOffset, 0, minuteOfDay);
  const before = offsetMs(asUtcMs - DAY_MS, timeZone);
  if (before === offsetMs(asUtcMs + DAY_MS, timeZone)) return asUtcMs - before;
  // The clocks are set around then.
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
      tr`Time: "${text}" is not a date and time. Allowed: for example 2026-11-27T18:00.`,
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
    throw new DomainError('time-zone-unknown', tr`Time zone: "${timeZone}" is not known.`, {
      timeZone,
      cause: String(cause),
    });
  }
}
