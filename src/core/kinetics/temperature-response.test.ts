import { cardinalResponse } from '.';

const cardinal = { lo: -4, op: 31.5, hi: 40 };

test('is one at the best temperature and nothing at and outside the ends', () => {
  expect(cardinalResponse(31.5, cardinal, 3)).toBeCloseTo(1, 12);
  for (const tempC of [-4, -10, 40, 55]) expect(cardinalResponse(tempC, cardinal, 3)).toBe(0);
});

test('with exponent 2 it is the cardinal model with inflection, worked at 20 °C', () => {
  // (20−40)(24)² / [(35.5)·((35.5)(20−31.5) − (31.5−40)(31.5−4−40))] with u = 24/35.5.
  const top = (20 - 40) * 24 ** 2;
  const bottom = 35.5 * (35.5 * (20 - 31.5) - (31.5 - 40) * (31.5 - 4 - 40));
  expect(cardinalResponse(20, cardinal, 2)).toBeCloseTo(top / bottom, 12);
});

test('rises all the way to the best temperature', () => {
  for (let tempC = -3; tempC < 31; tempC += 1) {
    expect(cardinalResponse(tempC + 1, cardinal, 3)).toBeGreaterThan(
      cardinalResponse(tempC, cardinal, 3),
    );
  }
});
