import type { Broken, BrokenKind } from '@/core/planner/week';
import { brokenLines, brokenSentence, dayHour } from '@/shop/plan/broken-words';

const ZONE = 'Europe/Oslo';
const at = Date.parse('2026-11-27T21:30:00+01:00');
const broken = (kind: BrokenKind, changes: Partial<Broken> = {}): Broken => ({
  key: kind,
  kind,
  subject: 'Fridge',
  atMs: at,
  untilMs: at + 8.5 * 3_600_000,
  wanted: 24.91,
  there: 16,
  others: [],
  ...changes,
});

test('a full place says what is wanted from when, what is there until when, and with whom', () => {
  const full = broken('place full', { others: ['Spares', 'Biga', 'Lees', 'More'] });
  expect(brokenLines(full, ZONE)).toEqual([
    'Fridge: 24.9 l wanted from Fri 21:30',
    '16.0 l there, until Sat 06:00 with Spares, Biga, Lees',
  ]);
});

test.each<[BrokenKind, RegExp]>([
  ['nobody in', /^Nobody in at Fri 21:30; hands wanted: Fridge\.$/],
  ['hands full', /^Hands wanted Fri 21:30: Fridge; everybody has something to do\.$/],
  ['mixer taken', /the mixer is taken at Fri 21:30/i],
  ['boxes short', /25 balls in boxes from Fri 21:30; boxes for 16/],
  ['oven slow', /25 pizzas an hour from Fri 21:30; the oven bakes 16/],
  ['culture short', /25 g of culture wanted; 16 g may be taken/],
  ['closed', /^Closed on Fri/],
  ['leaven not ripe', /Fridge is not ripe at the mix, Fri 21:30/],
  ['balls not ready', /from Fri 21:30 to Sat 06:00/],
  ['flour too weak', /gives out before Fri 21:30/],
  ['dose too small', /24\.91 g of fridge; the scale weighs from 16 g/],
  ['keeps too short', /Fridge keep 16 h/],
  ['too late', /would have been Fri 21:30/],
])('“%s” is told in the words of the trade', (kind, words) => {
  expect(brokenSentence(broken(kind), ZONE)).toMatch(words);
});

test('hours are those of the shop’s wall clock, also in the night the clocks change', () => {
  expect(dayHour(Date.parse('2026-10-25T00:30:00Z'), ZONE)).toBe('Sun 02:30');
  expect(dayHour(Date.parse('2026-10-25T01:30:00Z'), ZONE)).toBe('Sun 02:30');
  expect(dayHour(Date.parse('2026-10-25T02:30:00Z'), ZONE)).toBe('Sun 03:30');
});
