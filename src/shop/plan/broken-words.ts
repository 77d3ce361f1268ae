import type { Broken, BrokenKind } from '@/core/planner/week';
import { toLocalText } from '@/core/units';

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;

const MINUTE_MS = 60_000;

/** A day and an hour in words: "Fri 21:30". */
export function dayHour(atMs: number, timeZone: string): string {
  // To the minute, as every other hour is told.
  const text = toLocalText(Math.round(atMs / MINUTE_MS) * MINUTE_MS, timeZone);
  const weekday = new Date(`${text.slice(0, 10)}T12:00Z`).getUTCDay();
  return `${DAYS[weekday]} ${text.slice(11, 16)}`;
}

const litres = (value: number | null) => `${(value ?? 0).toFixed(1)} l`;
const count = (value: number | null) => String(Math.round(value ?? 0));

type Words = (broken: Broken, when: string, until: string) => readonly string[];

/** Each condition in one or two lines: what is wanted, and what is there. */
const WORDS: Readonly<Record<BrokenKind, Words>> = {
  'nobody in': ({ subject }, when) => [`nobody in at ${when}`, `hands wanted: ${subject}`],
  'hands full': ({ subject, others }, when) => [
    `hands wanted ${when}: ${subject}`,
    others.length > 0
      ? `taken by ${others.slice(0, 2).join(', ')}`
      : 'everybody has something to do',
  ],
  'place full': ({ subject, wanted, there, others }, when, until) => [
    `${subject}: ${litres(wanted)} wanted from ${when}`,
    `${litres(there)} there, until ${until}${others.length > 0 ? ` with ${others.slice(0, 3).join(', ')}` : ''}`,
  ],
  'mixer taken': (_, when) => [`the mixer is taken at ${when}`],
  'boxes short': ({ wanted, there }, when) => [
    `${count(wanted)} balls in boxes from ${when}`,
    `boxes for ${count(there)}`,
  ],
  'oven slow': ({ wanted, there }, when) => [
    `${count(wanted)} pizzas an hour from ${when}`,
    `the oven bakes ${count(there)}`,
  ],
  'culture short': ({ subject, wanted, there }) => [
    `${subject}: ${count(wanted)} g of culture wanted`,
    `${count(there)} g may be taken`,
  ],
  closed: ({ subject }, when) => [`closed on ${when.slice(0, 3)}`, `hands wanted: ${subject}`],
  'leaven not ripe': ({ subject }, when) => [`${subject} is not ripe at the mix, ${when}`],
  'balls not ready': (_, when, until) => [`balls are not ready from ${when} to ${until}`],
  'flour too weak': (_, when) => [`the flour gives out before ${when}`],
  'dose too small': ({ subject, wanted, there }) => [
    `${(wanted ?? 0).toFixed(2)} g of ${subject.toLowerCase()}`,
    `the scale weighs from ${there ?? 0} g`,
  ],
  'keeps too short': ({ subject, there }) => [`${subject} keep ${there ?? 0} h`],
  'too late': (_, when) => [`the first step would have been ${when}`],
};

/** A condition in the lines of a knot. */
export function brokenLines(broken: Broken, timeZone: string): readonly string[] {
  const at = (atMs: number) => dayHour(atMs, timeZone);
  return WORDS[broken.kind](broken, at(broken.atMs), at(broken.untilMs));
}

/** A condition in one sentence. */
export function brokenSentence(broken: Broken, timeZone: string): string {
  const text = brokenLines(broken, timeZone).join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}
