import { perLanguage } from './per-language';
import { language, type Language } from './speaker';

// A Monday and the first of a January, at noon in UTC.
const MONDAY_MS = Date.UTC(2024, 0, 1, 12);
const DAY_MS = 86_400_000;

const WEEK = Array.from({ length: 7 }, (_, n) => MONDAY_MS + n * DAY_MS);
const YEAR = Array.from({ length: 12 }, (_, n) => Date.UTC(2024, n, 1, 12));

/** The names of days, from Monday on, and of months, from January on. */
export interface DayNames {
  readonly short: readonly string[];
  readonly long: readonly string[];
  readonly months: readonly string[];
}

/** Names that came with the page: a browser takes longer to look up its first than to draw the page. */
const given = new Map<Language, DayNames>();

/** From here on these are the names in a language. */
export function giveDayNames(spoken: Language, names: DayNames): void {
  given.set(spoken, names);
}

/** Names in the language of the shop, as Intl has them, each kind when it is first said; or as they came with the page. */
function named(
  kind: keyof DayNames,
  options: Intl.DateTimeFormatOptions,
  dates: readonly number[],
): () => readonly string[] {
  const ofIntl = perLanguage((): readonly string[] => {
    const format = new Intl.DateTimeFormat(localeOf(), { ...options, timeZone: 'UTC' });
    return dates.map((ms) => format.format(ms).replace(/\.$/, ''));
  });
  return () => given.get(language())?.[kind] ?? ofIntl();
}

/** The locale in which dates are written. */
export function localeOf(): string {
  return language() === 'en' ? 'en-GB' : language();
}

/** "Fri": the days of the week from Monday on. */
export const weekdaysShort = named('short', { weekday: 'short' }, WEEK);

/** "Friday": the days of the week from Monday on. */
export const weekdaysLong = named('long', { weekday: 'long' }, WEEK);

/** "November": the months from January on. */
export const monthsLong = named('months', { month: 'long' }, YEAR);

/** All of them, for a page to take along. */
export const dayNames = (): DayNames => ({
  short: weekdaysShort(),
  long: weekdaysLong(),
  months: monthsLong(),
});

/** The day of a month as it stands before its month: “27”, and “27.” where it is written so. */
export const dayOfMonth = (day: number): string => (language() === 'de' ? `${day}.` : String(day));
