import fc from 'fast-check';
import { FLOURS } from '../../../tests/fixtures/doughs';
import { startingMethods, placedMethod } from '../methods';
import { pantryOf } from './pantry';
import { piecesFor, targetColumns, type DoughFor } from './target-columns';
import type { Target } from './target';

const pantry = pantryOf(FLOURS);
const PLACES = ['proofer', 'bench', 'cellar', 'fridge'].map((id, index) => ({
  id,
  name: id,
  settings: [{ fromMs: 0, tempC: [28, 21, 16, 4][index] ?? 21 }],
}));
const shop = { places: PLACES, flours: FLOURS, atMs: 0, yeastType: 'fresh' as const };
const methods = startingMethods().map((one) => placedMethod(one, shop));
const STEPS = { scaleStepG: 1, fineStepG: 0.1 };
const sum = (pieces: readonly { count: number; weightG: number }[]) =>
  pieces.reduce((all, one) => all + one.count * one.weightG, 0);

const products = fc
  .array(
    fc.record({
      name: fc.constant('Balls'),
      count: fc.integer({ min: 1, max: 60 }),
      weightG: fc.integer({ min: 60, max: 900 }),
      keepsH: fc.constant(48),
    }),
    { minLength: 1, maxLength: 3 },
  )
  .map((all): Target => ({ by: 'products', products: all }));
const diameter = fc.record({
  by: fc.constant('diameter' as const),
  count: fc.integer({ min: 1, max: 40 }),
  diameterCm: fc.integer({ min: 15, max: 45 }),
  style: fc.constantFrom('thin' as const, 'middling' as const, 'high rim' as const),
});
const tray = fc.record({
  by: fc.constant('tray' as const),
  count: fc.integer({ min: 1, max: 8 }),
  lengthCm: fc.integer({ min: 20, max: 60 }),
  widthCm: fc.integer({ min: 20, max: 40 }),
  thicknessMm: fc.integer({ min: 2, max: 12 }),
});

test('whatever is made of whichever method with nothing left in the bowl: the dough is as heavy as its pieces', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...methods),
      fc.oneof(products, diameter, tray),
      fc.constantFrom(0, 0.01),
      fc.constantFrom(1, 2, 5),
      (method, target, lossShare, scaleStepG) => {
        const made: DoughFor = { dough: method.dough, target, lossShare };
        const columns = targetColumns(made, { ...STEPS, scaleStepG }, pantry);
        const pieces = piecesFor(made, columns, scaleStepG, pantry);
        expect(sum(pieces)).toBeLessThanOrEqual(columns.wholeG + 1e-6);
        if (target.by === 'products') {
          expect(pieces.map(({ weightG }) => weightG)).toEqual(
            target.products.map(({ weightG }) => weightG),
          );
        }
      },
    ),
    { numRuns: 300 },
  );
});

test('a dough that is short by grams is divided into lighter pieces', () => {
  const [method] = methods;
  if (method === undefined) throw new Error('no method');
  const target: Target = {
    by: 'products',
    products: [{ name: 'Balls', count: 9, weightG: 200, keepsH: 24 }],
  };
  const made = { dough: method.dough, target, lossShare: 0 };
  const columns = { ...targetColumns(made, STEPS, pantry), wholeG: 1795 };
  expect(piecesFor(made, columns, 1, pantry)).toMatchObject([{ count: 9, weightG: 199 }]);
});
