import { perLanguage } from './per-language';
import { language } from './speaker';

// A Monday and the first of a January, at noon in UTC.
const MONDAY_MS = Date.UTC(2024, 0, 1, 12);
const DAY_MS = 86_400_000;

interface Names {
  readonly short: readonly string[];
  readonly long: readonly string[];
  readonly months: readonly string[];
}

/** The names of days and months in the language of the shop, as Intl has them. */
const names = perLanguage((): Names => {
  const named = (options: Intl.DateTimeFormatOptions, dates: readonly number[]) => {
    const format = new Intl.DateTimeFormat(localeOf(), { ...options, timeZone: 'UTC' });
    return dates.map((ms) => format.format(ms).replace(/\.$/, ''));
  };
  const week = Array.from({ length: 7 }, (_, n) => MONDAY_MS + n * DAY_MS);
  const year = Array.from({ length: 12 }, (_, n) => Date.UTC(2024, n, 1, 12));
  return {
    short: named({ weekday: 'short' }, week),
    long: named({ weekday: 'long' }, week),
    months: named({ month: 'long' }, year),
  };
});

/** The locale in which dates are written. */
export function localeOf(): string {
  return language() === 'en' ? 'en-GB' : language();
}

/** "Fri": the days of the week from Monday on. */
export const weekdaysShort = (): readonly string[] => names().short;

/** "Friday": the days of the week from Monday on. */
export const weekdaysLong = (): readonly string[] => names().long;

/** "November": the months from January on. */
export const monthsLong = (): readonly string[] => names().months;

/** The day of a month as it stands before its month: “27”, and “27.” where it is written so. */
export const dayOfMonth = (day: number): string => (language() === 'de' ? `${day}.` : String(day));
