import fc from 'fast-check';
import { DomainError } from '../units';
import { massOf, mixCompositions, portion, totals, type Pantry } from '.';

const pantry: Pantry = new Map([
  [
    'strong',
    {
      kind: 'flour',
      id: 'strong',
      name: 'Strong',
      strengthW: 320,
      proteinShare: null,
      wholegrainShare: 0,
    },
  ],
  [
    'whole',
    {
      kind: 'flour',
      id: 'whole',
      name: 'Whole',
      strengthW: null,
      proteinShare: 0.12,
      wholegrainShare: 1,
    },
  ],
  ['water', { kind: 'water', id: 'water', name: 'Water' }],
  ['salt', { kind: 'salt', id: 'salt', name: 'Salt' }],
  ['oil', { kind: 'oil', id: 'oil', name: 'Oil' }],
  ['dry', { kind: 'yeast', id: 'dry', name: 'Dry', type: 'active dry' }],
]);
const grams = fc.double({ min: 0, max: 5000, noNaN: true });
const composition = fc.record({
  strong: grams,
  whole: grams,
  water: grams,
  salt: grams,
  oil: grams,
});

test('mixing adds every ingredient', () => {
  expect(
    mixCompositions([
      { strong: 100, water: 60 },
      { water: 40, salt: 2 },
    ]),
  ).toEqual({ strong: 100, water: 100, salt: 2 });
  expect(mixCompositions([])).toEqual({});
});

test('what is taken and what is left add up to the whole, whatever is taken', () => {
  fc.assert(
    fc.property(composition, fc.double({ min: 0, max: 1, noNaN: true }), (whole, share) => {
      const massG = massOf(whole);
      const { taken, left } = portion(whole, massG * share);
      for (const [id, wholeG] of Object.entries(whole)) {
        expect(taken[id]! + left[id]!).toBeCloseTo(wholeG, 9);
        expect(taken[id]!).toBeGreaterThanOrEqual(0);
      }
      expect(massOf(taken)).toBeCloseTo(massG * share, 6);
    }),
  );
});

test.each([[-1], [NaN], [101]])('taking %p of 100 g is refused', (takenG) => {
  expect(() => portion({ water: 100 }, takenG)).toThrow(DomainError);
});

test('totals by kind, strength and wholegrain weighted by flour, yeast in fresh equivalent', () => {
  const sum = totals({ strong: 300, whole: 100, water: 260, salt: 8, oil: 4, dry: 0.42 }, pantry);
  expect(sum).toMatchObject({ flourG: 400, waterG: 260, saltG: 8, oilG: 4, sugarG: 0 });
  expect(sum.freshYeastG).toBeCloseTo(1, 9);
  // Whole: W ≈ 180 + 47·(12 − 10) = 274; blend (300·320 + 100·274) / 400.
  expect(sum.strengthW).toBeCloseTo((300 * 320 + 100 * 274) / 400, 9);
  expect(sum.wholegrainShare).toBe(0.25);
  expect(sum.massG).toBeCloseTo(672.42, 9);
});

test('an ingredient the shop does not have is refused, a mass without flour has no strength', () => {
  expect(() => totals({ gold: 1 }, pantry)).toThrow('"gold" is not in the shop');
  expect(totals({ water: 10 }, pantry)).toMatchObject({ flourG: 0, strengthW: 0 });
});
