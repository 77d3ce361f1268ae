import type { LearnedSpeed } from '@/core/forecast';
import { forecastRecord } from '@/shop/learned/learned-record';

const NOW = Date.parse('2026-11-27T05:10:00Z');
const DAY = 86_400_000;
const lot = (
  lotId: string,
  daysAgo: number,
  offSd: number | null,
  learnedErrorMin: number | null,
) => ({
  lotId,
  atMs: NOW - daysAgo * DAY,
  bookErrorMin: 60,
  learnedErrorMin,
  offSd,
});
const speed = (culture: string, from: LearnedSpeed['from']): LearnedSpeed => ({
  culture,
  belief: { lnSpeed: 0, variance: 0.01, lots: from.length, asOfMs: NOW, priorVariance: 0.06 },
  from,
});

test('errors are told week by week over all cultures, a week without looks as none', () => {
  const { weeks } = forecastRecord(
    [
      speed('reed', [lot('a', 1, 0.2, 10), lot('b', 9, 0.1, 40)]),
      speed('ness', [lot('c', 2, -0.4, 20), lot('d', 3, 0, null)]),
    ],
    NOW,
  );
  expect(weeks).toHaveLength(12);
  expect(weeks.at(-1)).toMatchObject({ lots: 2, errorMin: 15 });
  expect(weeks.at(-2)).toMatchObject({ lots: 1, errorMin: 40 });
  expect(weeks.at(-3)).toMatchObject({ lots: 0, errorMin: null });
});

test('lots inside the band are counted of those that could be judged; what one in a hundred does is odd', () => {
  const found = forecastRecord(
    [
      speed('reed', [
        lot('a', 1, 0.5, 5),
        lot('b', 2, -1.28, 15),
        lot('c', 3, 1.3, 20),
        lot('late', 4, 2.7, 95),
        lot('early', 6, -3.1, 110),
        lot('unmoved', 7, null, 0),
      ]),
    ],
    NOW,
  );
  expect([found.inside, found.seen]).toEqual([2, 5]);
  expect(found.odd).toMatchObject([
    { lotId: 'late', culture: 'reed', later: true, errorMin: 95 },
    { lotId: 'early', later: false, errorMin: 110 },
  ]);
});

test('a shop in which nobody looked has nothing to tell', () => {
  const found = forecastRecord([], NOW);
  expect([found.inside, found.seen, found.odd]).toEqual([0, 0, []]);
  expect(found.weeks.every((one) => one.errorMin === null)).toBe(true);
});
