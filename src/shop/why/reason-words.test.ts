import type { HourReason } from '@/core/planner';
import { reasonWords } from './reason-words';

const at = (text: string) => Date.parse(`2026-11-27T${text}:00+01:00`);
const mix: HourReason = {
  what: 'mix',
  name: null,
  atMs: at('13:55'),
  grounds: [
    {
      kind: 'window',
      name: 'Levain',
      opensMs: at('13:10'),
      bestMs: at('14:00'),
      closesMs: at('15:00'),
      wantedMs: at('13:55'),
    },
  ],
  earliest: { atMs: at('13:30'), limit: { kind: 'nobody in', to: 'mix', who: ['Ana'] } },
  latest: { atMs: at('14:10'), limit: { kind: 'balls late' } },
};

test('an hour says its window and its room, in the zone of the shop', () => {
  expect(reasonWords(mix, 'Europe/Oslo')).toEqual([
    'Levain: ripe Fri 13:10 to Fri 15:00, best Fri 14:00; wanted Fri 13:55.',
    'Earliest Fri 13:30: sooner, nobody is in to mix (Ana).',
    'Latest Fri 14:10: later, the balls are not ready when the service begins.',
  ]);
  expect(reasonWords(mix, 'America/New_York')[1]).toMatch(/^Earliest Fri 07:30/);
});

test('a dose found, one typed, a bulk and a soak say themselves', () => {
  const said = (grounds: HourReason['grounds'], what: HourReason['what'] = 'leaven') =>
    reasonWords({ ...mix, what, grounds, earliest: null, latest: null }, 'Europe/Oslo');
  const dose = { kind: 'dose', byYeast: true, share: 0.0042, typed: false, hours: 6.9167 } as const;
  expect(said([dose])).toEqual([
    '0.42 % fresh yeast on its flour: worked out for the 6 h 55 to the mix.',
  ]);
  expect(said([{ ...dose, byYeast: false, share: 0.2, typed: true }])).toEqual([
    '20 % of starter on its flour, as you typed it.',
  ]);
  expect(said([{ kind: 'after the mix', mixMin: 45, bulkH: 2 }], 'ball')).toEqual([
    'Weighing, mixing and rests take 45 min, then the bulk 2 h.',
  ]);
  expect(said([{ kind: 'before the mix', minutes: 240 }], 'soak')).toEqual([
    'Flour and water soak 4 h before the mix.',
  ]);
});
