import { FORTY_BALLS, PANTRY } from '../../../tests/fixtures/baking';
import fc from 'fast-check';
import type { Pantry } from '../composition';
import { targetColumns, threeColumns, type Columns, type Formula } from '../formula';
import { methodSchema } from './method';
import { poolishMethod } from './poolish-bake';

const formula = FORTY_BALLS;
const pantry: Pantry = new Map([...PANTRY, ['oil', { kind: 'oil', id: 'oil', name: 'Oil' }]]);
const methodOf = (one: Formula) =>
  poolishMethod({
    name: 'Friday',
    formula: one,
    poolishPlaceId: 'bench',
    doughPlaceId: 'cellar',
    mixedBy: 'hand',
  });

/** The three columns of a formula with a dose, fresh yeast over the poolish’s flour. */
function columnsOf(one: Formula, dose: number, scaleStepG = 1): Columns {
  const method = methodOf(one);
  const leavens = method.dough.leavens.map((leaven) => ({
    ...leaven,
    made: { by: 'yeast' as const, freshShare: dose },
  }));
  const dough = { ...method.dough, leavens };
  return threeColumns(targetColumns({ ...method, dough }, { scaleStepG, fineStepG: 0.1 }, pantry));
}

test('forty balls of 250 g, worked by hand', () => {
  // 10 000 g of dough = flour · (1 + 0.65 + 0.028 + 0.3 · 0.0045) → flour 5 954.7 g.
  const columns = columnsOf(formula, 0.0045);
  const row = (id: string) => columns.rows.find((one) => one.ingredientId === id);
  expect(row('flour')).toMatchObject({ wholeG: 5955, poolishG: 1786, finalG: 4169 });
  expect(row('water')).toMatchObject({ wholeG: 3870, poolishG: 1786, finalG: 2084 });
  expect(row('salt')).toMatchObject({ wholeG: 167, poolishG: 0, finalG: 167 });
  // 0.45 % of 1 786 g.
  expect(row('yeast-fresh')).toMatchObject({ wholeG: 8, poolishG: 8, finalG: 0 });
  expect(row('flour')?.wholeShare).toBe(1);
});

test('columns add up to the last digit, across and down, for any formula and scale', () => {
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
  fc.assert(
    fc.property(
      anyFormula,
      fc.double({ min: 0.0002, max: 0.03, noNaN: true }),
      fc.constantFrom(1, 2, 5),
      (one, dose, scaleStepG) => {
        const columns = columnsOf(one, dose, scaleStepG);
        for (const row of columns.rows) {
          expect(row.poolishG + row.finalG).toBeCloseTo(row.wholeG, 6);
          expect(row.finalG).toBeGreaterThanOrEqual(0);
        }
        const sum = (of: 'wholeG' | 'poolishG' | 'finalG') =>
          columns.rows.reduce((total, row) => total + row[of], 0);
        expect(columns.wholeG).toBeCloseTo(sum('wholeG'), 6);
        expect(columns.poolishG + columns.finalG).toBeCloseTo(columns.wholeG, 5);
        // A dough is never short of its balls, and at most a step of each thing over.
        const doughG = (one.balls * one.ballG) / (1 - one.lossShare);
        expect(columns.wholeG).toBeGreaterThanOrEqual(doughG - scaleStepG);
        expect(columns.wholeG).toBeLessThanOrEqual(doughG + 5 * scaleStepG);
      },
    ),
  );
});

test('it is a method like any other, in the places said', () => {
  const method = methodSchema.parse(methodOf(formula));
  expect(method.leavenStays['poolish']?.[0]?.placeId).toBe('bench');
  expect([method.bulk[0]?.placeId, method.balls[0]?.placeId]).toEqual(['cellar', 'cellar']);
  expect(method.mix).toMatchObject({ by: 'hand', autolyse: { minutes: 20, placeId: 'cellar' } });
});
