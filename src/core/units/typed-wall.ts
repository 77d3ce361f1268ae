import { tr } from '@/words/tr';
import { Temporal } from 'temporal-polyfill';
import { type Day, begins, readDay } from './typed-day';

/** What typed words are understood from: the shop’s wall clock now, and what stands in the field; both as "2026-11-27T18:00". */
export interface TypedWallFrom {
  readonly now: string;
  /** Empty for none. */
  readonly value: string;
}

/**
 * A day and an hour as somebody typed it: “fri 18”, “18:30”, “6 pm”, “tomorrow 7”, “27 nov 18:00”, “27.11. 18.30”, “+2h” from what
 * stands there, “in 2 h” from now. A day alone keeps the hour, an hour alone the day.
 * @returns as "2026-11-27T18:00" on the shop’s wall clock; null where it is no such thing
 */
export function readWallTime(typed: string, from: TypedWallFrom): string | null {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ').replace(/[−–]/g, '-');
  const at = {
    now: Temporal.PlainDateTime.from(from.now),
    value: from.value === '' ? null : valueOf(from.value),
  };
  const found = relative(text, at) ?? dayAndHour(text, at);
  return found === null ? null : found.toString({ smallestUnit: 'minute' });
}

/**
 * A day as somebody typed it, where days gone by are asked for: “fri” is the last one, “yesterday”, “27 nov”, “27.11.”.
 * @param now the shop’s wall clock, as "2026-11-27T18:00"
 * @returns as "2026-11-27"; null where it is none
 */
export function readPastDay(typed: string, now: string): string | null {
  const text = typed.trim().toLowerCase().replace(/\s+/g, ' ');
  const today = Temporal.PlainDateTime.from(now);
  if (begins(text, 4, ['yesterday', tr`yesterday`])) {
    return today.toPlainDate().subtract({ days: 1 }).toString();
  }
  const day = readDay(text, today);
  if (day === null) return null;
  if ('date' in day) return day.date.toString();
  const ago = (today.dayOfWeek - day.weekday + 7) % 7;
  return today.toPlainDate().subtract({ days: ago }).toString();
}
interface At {
  readonly now: Temporal.PlainDateTime;
  readonly value: Temporal.PlainDateTime | null;
}

function valueOf(value: string): Temporal.PlainDateTime | null {
  try {
    return Temporal.PlainDateTime.from(value);
  } catch {
    return null;
  }
}

const PART = /^(\d{1,4}(?:[.,]\d+)?) ?(days?|d|hours?|hrs?|h|minutes?|mins?|m)?(?![a-z]) ?/;
const MINUTES_OF = { d: 1440, h: 60, m: 1 } as const;

/** “+2h”, “-30 min”, “+1 d 4 h” from what stands; “in 2 h” and “now” from now. */
function relative(text: string, { now, value }: At): Temporal.PlainDateTime | null {
  if (text === 'now' || text === tr`now`) return now;
  const ahead = ['in ', `${tr`in ${''}`.trim()} `].find((one) => text.startsWith(one));
  const sign = ahead !== undefined || text.startsWith('+') ? 1 : -1;
  if (ahead === undefined && !/^[+-]/.test(text)) return null;
  const minutes = spanMinutes(text.slice(ahead?.length ?? 1).trim());
  if (minutes === null) return null;
  return (ahead === undefined ? (value ?? now) : now).add({ minutes: sign * minutes });
}

/** Minutes of “2h”, “1 d 4 h”, “1 h 30”; hours where no unit is said. */
function spanMinutes(text: string): number | null {
  let rest = text;
  let sum = 0;
  let before: 'd' | 'h' | 'm' | null = null;
  while (rest !== '') {
    const [all, figure, unit] = PART.exec(rest) ?? [];
    if (all === undefined || figure === undefined) return null;
    const letter = unit?.charAt(0) ?? (before === 'h' ? 'm' : 'h');
    before = letter as 'd' | 'h' | 'm';
    sum += Number(figure.replace(',', '.')) * MINUTES_OF[before];
    rest = rest.slice(all.length);
  }
  return text === '' ? null : Math.round(sum);
}

/** A day, an hour, or both. */
function dayAndHour(text: string, { now, value }: At): Temporal.PlainDateTime | null {
  const stands = value ?? now;
  const alone = readDay(text, now);
  if (alone !== null) return withDay(alone, stands.toPlainTime(), now);
  const split = HOUR.exec(text);
  if (split === null) return null;
  const time = timeOf(split);
  if (time === null) return null;
  const before = text
    .slice(0, split.index)
    .replace(/(,|\bat)\s*$/, '')
    .trim();
  if (before === '') return stands.toPlainDate().toPlainDateTime(time);
  const day = readDay(before, now);
  return day === null ? null : withDay(day, time, now);
}

/** The hour at the end of what was typed: 18:30, 18.30, 1830, 18, 6 pm, noon. */
const HOUR =
  /(?:(?<hour>\d{1,2})[:.h](?<minute>\d{2})|(?<four>\d{4})|(?<plain>\d{1,2})(?: ?h)?|(?<word>noon|midnight))(?: ?(?<half>am|pm))?$/;

function timeOf({ groups = {} }: RegExpExecArray): Temporal.PlainTime | null {
  const { hour, minute, four, plain, word, half } = groups;
  if (word !== undefined) return new Temporal.PlainTime(word === 'noon' ? 12 : 0);
  const h = ofDay(Number(hour ?? plain ?? four?.slice(0, 2)), half);
  const m = Number(minute ?? four?.slice(2) ?? 0);
  return h > 23 || m > 59 ? null : new Temporal.PlainTime(h, m);
}

/** An hour of the day from one of its halves; past every day where there is no such hour. */
function ofDay(hour: number, half: string | undefined): number {
  if (half === undefined) return hour;
  if (hour < 1 || hour > 12) return Infinity;
  return (hour % 12) + (half === 'pm' ? 12 : 0);
}

/** A weekday is the next one whose hour has not passed. */
function withDay(
  day: Day,
  time: Temporal.PlainTime,
  now: Temporal.PlainDateTime,
): Temporal.PlainDateTime {
  if ('date' in day) return day.date.toPlainDateTime(time);
  const today = now.toPlainDate();
  const ahead = (day.weekday - today.dayOfWeek + 7) % 7;
  const at = today.add({ days: ahead }).toPlainDateTime(time);
  return Temporal.PlainDateTime.compare(at, now) > 0 ? at : at.add({ days: 7 });
}
