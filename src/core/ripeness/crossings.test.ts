import fc from 'fast-check';
import {
  firstFall,
  firstRise,
  firstRiseByStrides,
  greatest,
  rowAtHour,
  type Series,
} from './crossings';

const series = (values: readonly number[]): Series => ({
  hours: values.map((_, row) => row * 0.5),
  length: values.length,
  at: (row) => values[row] ?? NaN,
});

test('a level is reached between two rows, on the line between them', () => {
  expect(firstRise(series([1, 2, 4]), 3)).toBeCloseTo(0.75, 12);
  expect(firstRise(series([3, 2, 4]), 3)).toBe(0);
  expect(firstRise(series([1, 2]), 3)).toBeNull();
  expect(firstRise(series([3, 1, 4]), 3, 1)).toBeCloseTo(0.5 + 0.5 * (2 / 3), 12);
  expect(firstRise(series([]), 1)).toBeNull();
});

test('and left on its way down', () => {
  expect(firstFall(series([4, 2, 1]), 3)).toBeCloseTo(0.25, 12);
  expect(firstFall(series([1]), 3)).toBe(0);
  expect(firstFall(series([4, 5]), 3)).toBeNull();
});

test('what does not waver is found by strides where it is found row by row', () => {
  const steps = fc.array(fc.double({ min: 0, max: 0.3, noNaN: true }), {
    minLength: 1,
    maxLength: 60,
  });
  fc.assert(
    fc.property(steps, fc.double({ min: 0, max: 4, noNaN: true }), (rises, level) => {
      let sum = 0;
      const rising = series([0, ...rises].map((rise) => (sum += rise)));
      expect(firstRiseByStrides(rising, level)).toBe(firstRise(rising, level));
    }),
  );
});

test('it reads a quarter of the rows before the level', () => {
  let read = 0;
  const values = Array.from({ length: 401 }, (_, row) => row / 400);
  const counted = { ...series(values), at: (row: number) => ((read += 1), values[row]!) };
  expect(firstRiseByStrides(counted, 0.9)).toBeCloseTo(180, 9);
  expect(read).toBeLessThan(110);
});

test('the greatest value and the row of an hour', () => {
  expect(greatest(series([1, 5, 2, 9]), 0, 2)).toEqual({ row: 1, value: 5 });
  const { hours, length } = series([0, 0, 0, 0]);
  expect(rowAtHour(hours, length, 0.6)).toBe(2);
  expect(rowAtHour(hours, length, 99)).toBe(3);
});
