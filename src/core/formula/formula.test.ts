import fc from 'fast-check';
import { formulaColumns, formulaSchema, formulaWeights, weighDose, type Formula } from '.';

const formula: Formula = {
  balls: 40,
  ballG: 250,
  hydration: 0.65,
  saltShare: 0.028,
  oilShare: 0,
  prefermentedShare: 0.3,
  lossShare: 0,
  flourId: 'flour',
  yeastType: 'fresh',
};
const steps = { scaleStepG: 1, fineStepG: 0.1 };
const anyFormula = fc.record({
  balls: fc.integer({ min: 1, max: 400 }),
  ballG: fc.integer({ min: 100, max: 900 }),
  hydration: fc.double({ min: 0.55, max: 0.95, noNaN: true }),
  saltShare: fc.double({ min: 0, max: 0.05, noNaN: true }),
  oilShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
  prefermentedShare: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
  lossShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
  flourId: fc.constant('flour'),
  yeastType: fc.constantFrom('fresh' as const, 'active dry' as const, 'instant' as const),
});

test('forty balls of 250 g, worked by hand', () => {
  // 10 000 g of dough = flour · (1 + 0.65 + 0.028) → flour 5 959.5 g, water 3 873.7 g, salt 166.9 g.
  const weights = formulaWeights(formula);
  expect(weights.flourG).toBeCloseTo(5959.47, 1);
  expect(weights.waterG).toBeCloseTo(3873.66, 1);
  expect(weights.saltG).toBeCloseTo(166.87, 1);
  const columns = formulaColumns(formula, 0.0045, steps);
  const row = (id: string) => columns.rows.find((one) => one.ingredientId === id);
  expect(row('flour')).toMatchObject({ wholeG: 5959, poolishG: 1788, finalG: 4171 });
  expect(row('water')).toMatchObject({ wholeG: 3874, poolishG: 1788, finalG: 2086 });
  expect(row('salt')).toMatchObject({ wholeG: 167, poolishG: 0, finalG: 167 });
  // 0.45 % of 1 788 g.
  expect(row('yeast-fresh')).toMatchObject({ wholeG: 8, poolishG: 8, finalG: 0 });
});

test('columns add up to the last digit, across and down, for any formula and scale', () => {
  fc.assert(
    fc.property(
      anyFormula,
      fc.double({ min: 0.0002, max: 0.03, noNaN: true }),
      fc.constantFrom(1, 2, 5),
      (one, dose, scaleStepG) => {
        const columns = formulaColumns(one, dose, { scaleStepG, fineStepG: 0.1 });
        for (const row of columns.rows) {
          expect(row.poolishG + row.finalG).toBeCloseTo(row.wholeG, 6);
          expect(row.finalG).toBeGreaterThanOrEqual(0);
        }
        const sum = (of: 'wholeG' | 'poolishG' | 'finalG') =>
          columns.rows.reduce((total, row) => total + row[of], 0);
        expect(columns.wholeG).toBeCloseTo(sum('wholeG'), 6);
        expect(columns.poolishG + columns.finalG).toBeCloseTo(columns.wholeG, 5);
        const dough = formulaWeights(one).doughG;
        expect(Math.abs(columns.wholeG - columns.yeast.weighedG - dough)).toBeLessThanOrEqual(
          scaleStepG,
        );
      },
    ),
  );
});

test('more poolish than the dough has water for is refused', () => {
  expect(() =>
    formulaColumns({ ...formula, hydration: 0.5, prefermentedShare: 0.6 }, 0.004, steps),
  ).toThrow(/Poolish share: 60 %.*up to 50 %/);
});

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
