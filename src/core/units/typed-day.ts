import { monthsLong, weekdaysLong } from '@/words/days';
import { tr } from '@/words/tr';
import { Temporal } from 'temporal-polyfill';

/** A day: as such, or the next of a weekday, which depends on the hour. */
export type Day = { readonly date: Temporal.PlainDate } | { readonly weekday: number };

const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];
const MONTHS = [
  ...['january', 'february', 'march', 'april', 'may', 'june', 'july'],
  ...['august', 'september', 'october', 'november', 'december'],
];
/** Which of some names is meant by its beginning, from 1 on; 0 for none or more than one. */
function named(text: string, names: readonly string[], least: number): number {
  const fits = names.filter((name) => text.length >= least && name.startsWith(text));
  return fits.length === 1 ? names.indexOf(fits[0] as string) + 1 : 0;
}

const small = (name: string) => name.toLowerCase();

/** A weekday by its beginning, in English or in the language of the shop: from 1 on; 0 for none. */
const weekdayNamed = (text: string): number =>
  named(text, WEEKDAYS, 2) || named(text, weekdaysLong().map(small), 2);

/** Whether what was typed begins one of some words. */
export const begins = (text: string, least: number, words: readonly string[]): boolean =>
  text.length >= least && words.some((word) => small(word).startsWith(text));

/** A day as it is typed: a weekday, a date, today or tomorrow; null where it is none. */
export function readDay(text: string, now: Temporal.PlainDateTime): Day | null {
  const today = now.toPlainDate();
  if (text === 'today' || text === tr`today`) return { date: today };
  if (begins(text, 3, ['tomorrow', tr`tomorrow`])) return { date: today.add({ days: 1 }) };
  const weekday = weekdayNamed(text.replace(/\.$/, ''));
  if (weekday > 0) return { weekday };
  const [first = '', ...rest] = text.split(/[ ,]+/);
  // “Fri 27 Nov”: the weekday says nothing more.
  const dated = weekdayNamed(first) > 0 ? rest.join(' ') : text;
  const date = readDate(dated, today);
  return date === null ? null : { date };
}

function readDate(text: string, today: Temporal.PlainDate): Temporal.PlainDate | null {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso !== null) return dateOf(Number(iso[3]), Number(iso[2]), Number(iso[1]));
  const plain = /^(\d{2})(\d{2})(\d{4})$/.exec(text);
  if (plain !== null) return dateOf(Number(plain[1]), Number(plain[2]), Number(plain[3]));
  const figures =
    /^(\d{1,2})\. ?(\d{1,2})\.(?: ?(\d{4}))?$/.exec(text) ??
    /^(\d{1,2})\/(\d{1,2})(?:\/(\d{4}))?$/.exec(text);
  if (figures !== null) {
    return near(Number(figures[1]), Number(figures[2]), figures[3], today);
  }
  const words =
    /^(?<day>\d{1,2})\.? (?<month>\p{L}+)\.?(?: (?<year>\d{4}))?$/u.exec(text) ??
    /^(?<month>\p{L}+)\.? (?<day>\d{1,2})(?:,? (?<year>\d{4}))?$/u.exec(text);
  if (words === null) return null;
  const { day, month = '', year } = words.groups ?? {};
  const number = named(month, MONTHS, 3) || named(month, monthsLong().map(small), 3);
  return number === 0 ? null : near(Number(day), number, year, today);
}

function dateOf(day: number, month: number, year: number): Temporal.PlainDate | null {
  try {
    return Temporal.PlainDate.from({ year, month, day }, { overflow: 'reject' });
  } catch {
    return null;
  }
}

/** A day of the year that was said, else of the one in which it is nearest to today. */
function near(
  day: number,
  month: number,
  year: string | undefined,
  today: Temporal.PlainDate,
): Temporal.PlainDate | null {
  if (year !== undefined) return dateOf(day, month, Number(year));
  const tried = [-1, 0, 1].flatMap((more) => dateOf(day, month, today.year + more) ?? []);
  const apart = (date: Temporal.PlainDate) => Math.abs(today.until(date).days);
  return [...tried].sort((a, b) => apart(a) - apart(b))[0] ?? null;
}
