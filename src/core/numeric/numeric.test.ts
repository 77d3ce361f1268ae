import { findRoot, normalBelow, quantile, seededNormal, seededUniform } from '.';

test('the root of a known function, and a refusal of ends with one sign', () => {
  expect(findRoot((x) => Math.cos(x) - x, { low: 0, high: 1 }, 1e-12)).toBeCloseTo(0.7390851332, 9);
  expect(() => findRoot(() => 1, { low: 0, high: 1 }, 1e-9)).toThrow('one sign');
});

test('the normal distribution at known points', () => {
  expect(normalBelow(0)).toBeCloseTo(0.5, 7);
  expect(normalBelow(1.2815516)).toBeCloseTo(0.9, 6);
  expect(normalBelow(-1.96)).toBeCloseTo(0.025, 4);
});

test('quantiles between items', () => {
  expect(quantile([1, 2, 3, 4, 5], 0.5)).toBe(3);
  expect(quantile([0, 10], 0.25)).toBe(2.5);
  expect(quantile([], 0.5)).toBeNaN();
});

test('a seed gives the same numbers again, with the moments they should have', () => {
  const first = seededNormal(7);
  const again = seededNormal(7);
  const draws = Array.from({ length: 4000 }, () => first());
  expect(draws.slice(0, 5)).toEqual(Array.from({ length: 5 }, () => again()));
  const mean = draws.reduce((a, b) => a + b, 0) / draws.length;
  const variance = draws.reduce((a, b) => a + (b - mean) ** 2, 0) / draws.length;
  expect(Math.abs(mean)).toBeLessThan(0.05);
  expect(Math.abs(variance - 1)).toBeLessThan(0.08);
  const uniform = seededUniform(3);
  expect(Array.from({ length: 500 }, uniform).every((x) => x >= 0 && x < 1)).toBe(true);
});
