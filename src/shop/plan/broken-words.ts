import { weekdaysShort } from '@/words/days';
import { inSentence, tr } from '@/words/tr';
import type { Broken, BrokenKind } from '@/core/planner/week';
import { toLocalText } from '@/core/units';

const MINUTE_MS = 60_000;

/** A day and an hour in words: "Fri 21:30". */
export function dayHour(atMs: number, timeZone: string): string {
  // To the minute, as every other hour is told.
  const text = toLocalText(Math.round(atMs / MINUTE_MS) * MINUTE_MS, timeZone);
  const weekday = new Date(`${text.slice(0, 10)}T12:00Z`).getUTCDay();
  return `${weekdaysShort()[(weekday + 6) % 7] ?? ''} ${text.slice(11, 16)}`;
}

const litres = (value: number | null) => `${(value ?? 0).toFixed(1)} l`;
const count = (value: number | null) => String(Math.round(value ?? 0));

type Words = (broken: Broken, when: string, until: string) => readonly string[];

/** Each condition in one or two lines: what is wanted, and what is there. */
const WORDS: Readonly<Record<BrokenKind, Words>> = {
  'nobody in': ({ subject }, when) => [tr`nobody in at ${when}`, tr`hands wanted: ${subject}`],
  'hands full': ({ subject, others }, when) => [
    tr`hands wanted ${when}: ${subject}`,
    others.length > 0
      ? tr`taken by ${others.slice(0, 2).join(', ')}`
      : tr`everybody has something to do`,
  ],
  'place full': ({ subject, wanted, there, others }, when, until) => [
    tr`${subject}: ${litres(wanted)} wanted from ${when}`,
    tr`${litres(there)} there, until ${until}${others.length > 0 ? tr` with ${others.slice(0, 3).join(', ')}` : ''}`,
  ],
  'mixer taken': (_, when) => [tr`the mixer is taken at ${when}`],
  'boxes short': ({ wanted, there }, when) => [
    tr`${count(wanted)} balls in boxes from ${when}`,
    tr`boxes for ${count(there)}`,
  ],
  'oven slow': ({ wanted, there }, when) => [
    tr`${count(wanted)} pizzas an hour from ${when}`,
    tr`the oven bakes ${count(there)}`,
  ],
  'culture short': ({ subject, wanted, there }) => [
    tr`${subject}: ${count(wanted)} g of culture wanted`,
    tr`${count(there)} g may be taken`,
  ],
  closed: ({ subject }, when) => [tr`closed on ${when.slice(0, 3)}`, tr`hands wanted: ${subject}`],
  'leaven not ripe': ({ subject }, when) => [tr`${subject} is not ripe at the mix, ${when}`],
  'balls not ready': (_, when, until) => [tr`balls are not ready from ${when} to ${until}`],
  'flour too weak': (_, when) => [tr`the flour gives out before ${when}`],
  'dose too small': ({ subject, wanted, there }) => [
    tr`${(wanted ?? 0).toFixed(2)} g of ${inSentence(subject)}`,
    tr`the scale weighs from ${there ?? 0} g`,
  ],
  'keeps too short': ({ subject, there }) => [tr`${subject} keep ${there ?? 0} h`],
  'too late': (_, when) => [tr`the first step would have been ${when}`],
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
