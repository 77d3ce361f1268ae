import { perLanguage } from './per-language';
import { language } from './speaker';

// A Monday and the first of a January, at noon in UTC.
const MONDAY_MS = Date.UTC(2024, 0, 1, 12);
const DAY_MS = 86_400_000;

const WEEK = Array.from({ length: 7 }, (_, n) => MONDAY_MS + n * DAY_MS);
const YEAR = Array.from({ length: 12 }, (_, n) => Date.UTC(2024, n, 1, 12));

/** Names in the language of the shop, as Intl has them; each kind when it is first said: its words take a while to load. */
const named = (options: Intl.DateTimeFormatOptions, dates: readonly number[]) =>
  perLanguage((): readonly string[] => {
    const format = new Intl.DateTimeFormat(localeOf(), { ...options, timeZone: 'UTC' });
    return dates.map((ms) => format.format(ms).replace(/\.$/, ''));
  });

/** The locale in which dates are written. */
export function localeOf(): string {
  return language() === 'en' ? 'en-GB' : language();
}

/** "Fri": the days of the week from Monday on. */
export const weekdaysShort = named({ weekday: 'short' }, WEEK);

/** "Friday": the days of the week from Monday on. */
export const weekdaysLong = named({ weekday: 'long' }, WEEK);

/** "November": the months from January on. */
export const monthsLong = named({ month: 'long' }, YEAR);

/** The day of a month as it stands before its month: “27”, and “27.” where it is written so. */
export const dayOfMonth = (day: number): string => (language() === 'de' ? `${day}.` : String(day));
