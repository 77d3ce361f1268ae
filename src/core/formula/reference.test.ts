import { DOUGH_PANTRY as pantry, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { massOf } from '../composition';
import { checkRecipe } from './check';
import {
  batchesFor,
  divideByWeight,
  doughColumns,
  doughWeights,
  flourFor,
  litreOfSalt,
  plainWaterG,
  redivide,
  saltOfKilo,
  saltOfLitre,
  trueFormula,
  type Dough,
} from '.';

const steps = { scaleStepG: 1, fineStepG: 0.1 };
const row = (dough: Dough, flourG: number, id: string) =>
  doughColumns(dough, flourG, steps, pantry).rows.find((one) => one.ingredientId === id)!;

test('1. a levain brings its flour and water', () => {
  // 1000 g flour at 65 %: 650 g water. Levain of 20 % at 100 %: 200 flour + 200 water. Final: 800 flour, 450 water.
  const dough: Dough = { ...PLAIN, leavens: [leaven('levain', 0.2)] };
  expect(row(dough, 1000, 'strong')).toMatchObject({ wholeG: 1000, leavensG: [200], finalG: 800 });
  expect(row(dough, 1000, 'water')).toMatchObject({ wholeG: 650, leavensG: [200], finalG: 450 });
});

test('2. the levain itself: seed a quarter of the build’s flour', () => {
  // build b, seed s = b/4 at 100 %: its flour b/8. b + b/8 = 200 → b = 177.8, s = 44.4 (22.2 flour + 22.2 water).
  // Weighed: seed 44 (22 + 22), flour 178, water 178: 400 g in all.
  const [column] = doughColumns(
    { ...PLAIN, leavens: [leaven('levain', 0.2)] },
    1000,
    steps,
    pantry,
  ).leavens;
  expect(column).toMatchObject({
    seedG: 44,
    totalG: 400,
    weigh: [
      { ingredientId: 'strong', massG: 178 },
      { ingredientId: 'water', massG: 178 },
    ],
  });
});

test('3. a stiff levain brings half as much water as flour', () => {
  // 25 % of 2000 g = 500 flour + 250 water; final 1500 flour, 1300 − 250 = 1050 water.
  const dough: Dough = { ...PLAIN, leavens: [leaven('stiff levain', 0.25)] };
  expect(row(dough, 2000, 'water')).toMatchObject({ wholeG: 1300, leavensG: [250], finalG: 1050 });
});

test('4. carry-over brings its salt and oil', () => {
  // 20 % of 1000 g flour at 65 %, 2.7 % salt, 1.5 % oil: 200 + 130 + 5.4 + 3 = 338.4 g, rounded 338.
  const taken = { by: 'taken', saltShare: 0.027, oilShare: 0.015, cultureId: null } as const;
  const dough: Dough = {
    ...PLAIN,
    oilShare: 0.015,
    leavens: [leaven('carry-over', 0.2, { made: taken })],
  };
  const { final, leavens } = doughWeights(dough, 1000, pantry);
  expect(massOf(leavens[0]!.composition)).toBeCloseTo(338.4, 6);
  // Salt 27 − 5.4 = 21.6, oil 15 − 3 = 12.
  expect(final['salt']).toBeCloseTo(21.6, 6);
  expect(final['oil']).toBeCloseTo(12, 6);
});

test('5. three leavens at once', () => {
  // 4000 g flour, 68 %: 2720 water. Poolish 20 %: 800 + 800. Biga 10 % at 48 %: 400 + 192. Carry-over 5 % at 65 %: 200 + 130.
  // Final: flour 4000 − 1400 = 2600, water 2720 − 1122 = 1598, salt 4000·0.027 − 200·0.027 = 102.6 → 103 (the lump’s 5.4 is 5).
  const dough: Dough = {
    ...PLAIN,
    hydration: 0.68,
    leavens: [leaven('poolish', 0.2), leaven('biga', 0.1), leaven('carry-over', 0.05)],
  };
  expect(row(dough, 4000, 'strong')).toMatchObject({ leavensG: [800, 400, 200], finalG: 2600 });
  expect(row(dough, 4000, 'water')).toMatchObject({ leavensG: [800, 192, 130], finalG: 1598 });
  expect(row(dough, 4000, 'salt').finalG).toBe(103);
});

test('6. milk counts with its water only', () => {
  // 60 % water of 1000 g, of which 200 g milk bring 176: plain water 600 − 176 = 424.
  const milk = [{ ingredientId: 'milk', share: 0.2 }];
  const dough: Dough = { ...PLAIN, hydration: 0.6, added: milk };
  expect(row(dough, 1000, 'water').wholeG).toBe(424);
  expect(row(dough, 1000, 'milk').wholeG).toBe(200);
  expect(trueFormula(doughWeights(dough, 1000, pantry).whole, pantry).hydration).toBeCloseTo(
    0.6,
    9,
  );
});

test('7. sparkling water as the liquid: all of it is water', () => {
  // 62 % of 1500 g = 930 g, all of it sparkling: no plain water is left.
  const added = [{ ingredientId: 'sparkling-water', share: 0.62 }];
  const { whole } = doughWeights({ ...PLAIN, hydration: 0.62, added }, 1500, pantry);
  expect(whole['sparkling-water']).toBeCloseTo(930, 6);
  expect(whole['water']).toBeCloseTo(0, 6);
  // The other way round: 500 g flour with 200 g sparkling water need 110 g plain for 62 %.
  expect(plainWaterG({ strong: 500, 'sparkling-water': 200 }, 0.62, pantry)).toBeCloseTo(110, 6);
});

test('8. cups and spoons, with their range', () => {
  // 4 cups of flour: 4 · 240 · 0.53 = 508.8 g; 1½ cups of water: 360 g; 2 tsp salt: 2 · 5 · 1.2 = 12 g.
  const { sums } = checkRecipe({ text: '4 cups flour\n1½ cups water\n2 tsp fine salt' });
  expect(sums!.flourG.value).toBeCloseTo(508.8, 6);
  expect(sums!.hydration.value).toBeCloseTo(360 / 508.8, 9);
  expect(sums!.saltShare.value).toBeCloseTo(12 / 508.8, 9);
  // Flour ± √(0.08² + 0.13²) = 15.3 %, water ± √(0.08² + 0.01²) = 8.1 %: the water may be anything from 0.57 to 0.84.
  expect(sums!.hydration.low).toBeGreaterThan(0.56);
  expect(sums!.hydration.low).toBeLessThan(0.61);
  expect(sums!.hydration.high).toBeGreaterThan(0.83);
});

test('9. ounces and pounds', () => {
  // 2 lb 3 oz = 35 oz = 992.23 g; 22 oz = 623.69 g; 1 oz = 28.35 g salt.
  const { sums } = checkRecipe({ text: '2 lb 3 oz flour\n22 oz water\n1 oz salt' });
  expect(sums!.flourG.value).toBeCloseTo(992.233, 2);
  expect(sums!.hydration.value).toBeCloseTo(22 / 35, 9);
  expect(sums!.saltShare.value).toBeCloseTo(1 / 35, 9);
});

const ball = (count: number, weightG: number, name = 'balls') => ({
  name,
  count,
  weightG,
  keepsH: 24,
});

test('10. re-divide: twelve balls of 243 g instead of 250', () => {
  // 2923 g were made for 12 · 250 = 3000: 2923 / 12 = 243.58, on the gram 243; 7 g stay.
  const divided = redivide(2923, [ball(12, 250)], 1);
  expect(divided.products).toEqual([{ name: 'balls', count: 12, weightG: 243 }]);
  expect(divided.remainderG).toBe(7);
  expect(divided.remainder).toBe('none');
  // At 250 g they are eleven, and 173 g are a small ball.
  expect(divideByWeight(2923, [ball(12, 250)])).toEqual({
    products: [{ name: 'balls', count: 11, weightG: 250 }],
    remainderG: 173,
    remainder: 'small ball',
  });
});

test('11. two products from one dough, with loss', () => {
  // 20 · 250 + 3 · 620 = 6860 g, 2 % in the bowl: 7000 g; flour 7000 / 1.677 = 4174.1 g.
  const products = [ball(20, 250), ball(3, 620, 'trays')];
  const flourG = flourFor({ by: 'products', products }, PLAIN, 0.02, pantry);
  expect(flourG).toBeCloseTo(4174.12, 1);
  // 6517 g came out: 95 %; balls 237, trays 589.
  expect(redivide(6517, products, 1).products.map((one) => one.weightG)).toEqual([237, 589]);
});

test('12. two batches', () => {
  // A mixer of 8 kg at 65 % takes 8 · (1 + 1.5 · 0.01) = 8.12 kg at 66 %; 11 717 g: two of 5858.5, 72 % full.
  const mixer = { name: 'Davit', leastKg: 2, mostKg: 8 };
  const answer = batchesFor(11_717, 0.66, mixer);
  if (answer.kind !== 'batches') throw new Error(answer.kind);
  expect(answer.batches.count).toBe(2);
  expect(answer.batches.eachG).toBeCloseTo(5858.5, 6);
  expect(answer.batches.fill).toBeCloseTo(5858.5 / 8120, 6);
  expect(batchesFor(900, 0.66, mixer)).toEqual({ kind: 'too little', leastG: 2000 });
});

test('13. a dose under the scale’s step becomes a stock, its water off the leaven’s', () => {
  // 0.03 % of 800 g = 0.24 g on a scale of 0.1 g: 2 g in so much water that 40 g of it hold 0.24 g: 333 g, less 2.
  const thin = leaven('poolish', 0.2, { made: { by: 'yeast', freshShare: 0.0003 } });
  const [column] = doughColumns({ ...PLAIN, leavens: [thin] }, 4000, steps, pantry).leavens;
  expect(column!.yeast!.wantedG).toBeCloseTo(0.24, 9);
  expect(column!.yeast!.stock).toMatchObject({ yeastG: 2, waterG: 331, takeG: 40 });
  expect(column!.yeast!.error).toBeLessThan(0.04);
});

test('14. salt by other rules', () => {
  // 50 g to the litre at 62 % water: 31 g to the kilo, 3.1 %.
  expect(saltOfLitre(50, 0.62)).toBeCloseTo(0.031, 9);
  expect(litreOfSalt(0.031, 0.62)).toBeCloseTo(50, 9);
  expect(saltOfKilo(28)).toBeCloseTo(0.028, 9);
  expect(() => saltOfLitre(500, 0.6)).toThrow('Salt per litre of water: 500 g is not possible.');
});
