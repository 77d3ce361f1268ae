import { FORTY_BALLS } from '../../../tests/fixtures/baking';
import { formulaSchema, weighDose } from '.';

const formula = FORTY_BALLS;
test('a dose that the scale can weigh is weighed', () => {
  const dose = weighDose({ doseG: 8.04, stepG: 0.1, waterStepG: 1, waterG: 1788 });
  expect(dose).toMatchObject({ weighedG: 8, stock: null });
});

test('a dose under the scale’s step becomes a stock that brings it within a few per cent', () => {
  const { stock, weighedG, error } = weighDose({
    doseG: 0.4,
    stepG: 0.1,
    waterStepG: 1,
    waterG: 400,
  });
  expect(stock).not.toBeNull();
  const strength = stock!.yeastG / (stock!.yeastG + stock!.waterG);
  expect(stock!.takeG * strength).toBeCloseTo(weighedG, 9);
  expect(Math.abs(weighedG / 0.4 - 1)).toBeLessThan(0.04);
  expect(error).toBeLessThan(0.05);
  expect(stock!.waterBroughtG).toBeLessThan(400);
});

test('an impossible dose is refused', () => {
  expect(() => weighDose({ doseG: NaN, stepG: 0.1, waterStepG: 1, waterG: 100 })).toThrow('Yeast');
});

test.each([
  [{ balls: -3 }, 'Balls: −3 is not possible. Allowed: 1 to 2000.'],
  [{ balls: 'forty' }, 'Balls: forty is not possible. Allowed: 1 to 2000.'],
  [{ balls: 2.5 }, 'Balls: 2.5 is not possible. Allowed: whole numbers, 1 to 2000.'],
  [{ ballG: 20 }, 'Ball weight: 20 g is not possible. Allowed: 50 to 2000 g.'],
])('the schema refuses %p in one sentence', (change, sentence) => {
  const parsed = formulaSchema.safeParse({ ...formula, ...change });
  expect(parsed.success).toBe(false);
  expect(parsed.error!.issues[0]?.message).toBe(sentence);
});
