import { oneAnInstant, type Rung } from '@/shop/plan/ladder';

const rung = (atMs: number, title: string, more: Partial<Rung> = {}): Rung => ({
  ...{
    atMs,
    title,
    glyph: 'move',
    who: null,
    amount: '',
    alsoMs: [],
    offPeakMin: null,
    ripe: false,
    holds: null,
    why: [],
  },
  ...more,
});

test('the oven lit as balls come out of the cold stands on their rung, not over it', () => {
  const rungs = [
    rung(1, 'Ball 36'),
    rung(2, 'To Bench', { alsoMs: [5] }),
    rung(2, 'Light the oven', { who: 'Jo' }),
  ];
  expect(oneAnInstant(rungs)).toEqual([
    rung(1, 'Ball 36'),
    rung(2, 'To Bench, light the oven', { alsoMs: [5] }),
  ]);
});
