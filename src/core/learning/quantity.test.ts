import fc from 'fast-check';
import { learnQuantity } from './quantity';

const PRIOR = { mean: 0, sd: 1, weeklySd: 0.1 };
const DAY = 86_400_000;
const seen = (values: readonly number[], variance = 0.25) =>
  values.map((value, index) => ({ atMs: index * DAY, value, variance }));

test('nothing seen: the prior stands', () => {
  expect(learnQuantity(PRIOR, [], 5 * DAY)).toEqual({ mean: 0, variance: 1, lessons: [] });
});

test('one sight is weighed by the two variances', () => {
  const { mean, variance } = learnQuantity({ ...PRIOR, weeklySd: 0 }, seen([2], 1), 0);
  expect(mean).toBeCloseTo(1, 12);
  expect(variance).toBeCloseTo(0.5, 12);
});

test('many sights find the truth, and each lesson says how far off book and belief were', () => {
  const { mean, variance, lessons } = learnQuantity(PRIOR, seen(Array(12).fill(1.4)), 12 * DAY);
  expect(mean).toBeCloseTo(1.4, 1);
  expect(Math.sqrt(variance)).toBeLessThan(0.2);
  expect(lessons[0]).toMatchObject({ bookError: 1.4, learnedError: 1.4 });
  expect(lessons.at(-1)!.learnedError).toBeLessThan(0.2);
  expect(lessons.at(-1)!.bookError).toBe(1.4);
});

test('one mis-logged sight does not wreck it', () => {
  const good = Array(8).fill(1.4);
  const wild = learnQuantity(PRIOR, seen([...good, 40]), 9 * DAY).mean;
  expect(Math.abs(wild - 1.4)).toBeLessThan(0.5);
});

test('weeks make it less sure, never less than at first', () => {
  const sure = learnQuantity(PRIOR, seen([1, 1, 1]), 3 * DAY).variance;
  const later = learnQuantity(PRIOR, seen([1, 1, 1]), 100 * DAY).variance;
  const muchLater = learnQuantity(PRIOR, seen([1, 1, 1]), 100_000 * DAY).variance;
  expect(later).toBeGreaterThan(sure);
  expect(muchLater).toBe(1);
});

test('whatever is seen, the belief is finite and no less sure than at first', () => {
  const value = fc.double({ min: -1e6, max: 1e6, noNaN: true });
  fc.assert(
    fc.property(fc.array(value, { maxLength: 20 }), (values) => {
      const { mean, variance } = learnQuantity(PRIOR, seen(values), 30 * DAY);
      expect(Number.isFinite(mean)).toBe(true);
      expect(variance).toBeGreaterThan(0);
      expect(variance).toBeLessThanOrEqual(1);
    }),
  );
});
