import fc from 'fast-check';
import { anyDough, DOUGH_PANTRY as pantry, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { massOf, mixCompositions } from '../composition';
import {
  doughColumns,
  doughPerFlour,
  doughSchema,
  doughWeights,
  editDough,
  exchangeLeaven,
  flourFor,
  trueFormula,
  type Dough,
} from '.';

const steps = (scaleStepG: number) => ({ scaleStepG, fineStepG: 0.1 });
const flourG = fc.double({ min: 400, max: 60_000, noNaN: true });

test('columns add up across and down for any dough, flour and scale', () => {
  fc.assert(
    fc.property(anyDough, flourG, fc.constantFrom(1, 2, 5), (dough, flour, step) => {
      const columns = doughColumns(dough, flour, steps(step), pantry);
      for (const row of columns.rows) {
        const leavens = row.leavensG.reduce((a, b) => a + b, 0);
        expect(row.finalG + leavens).toBeCloseTo(row.wholeG, 5);
        expect(row.finalG).toBeGreaterThanOrEqual(0);
      }
      const leavensG = columns.leavens.reduce((sum, one) => sum + one.totalG, 0);
      expect(columns.finalG + leavensG).toBeCloseTo(columns.wholeG, 4);
      for (const one of columns.leavens) {
        if (one.leaven.made.by === 'taken') continue;
        const weighed = one.weigh.reduce((sum, line) => sum + line.massG, 0);
        expect(weighed + one.seedG).toBeCloseTo(one.totalG, 5);
      }
    }),
  );
});

test('rounding keeps the dough within the steps of the scales', () => {
  fc.assert(
    fc.property(anyDough, flourG, fc.constantFrom(1, 5), (dough, flour, step) => {
      const { whole } = doughWeights(dough, flour, pantry);
      const columns = doughColumns(dough, flour, steps(step), pantry);
      const doses = [columns.finalYeast, ...columns.leavens.map((one) => one.yeast)];
      const yeastApart = doses.reduce(
        (sum, dose) => sum + (dose === null ? 0 : Math.abs(dose.weighedG - dose.wantedG)),
        0,
      );
      // A seed is never less than a step of its scale; fine things are right to half a fine step each.
      const fine = 0.05 * 8;
      const apart = Math.abs(columns.wholeG - massOf(whole));
      const leavens = columns.leavens.length;
      expect(apart).toBeLessThanOrEqual(step * (1 + leavens) + yeastApart + fine);
    }),
  );
});

test('the formula recovered from its own weights is the formula', () => {
  fc.assert(
    fc.property(anyDough, flourG, (dough, flour) => {
      const { whole, leavens, final } = doughWeights(dough, flour, pantry);
      expect(
        massOf(mixCompositions([final, ...leavens.map((one) => one.composition)])),
      ).toBeCloseTo(massOf(whole), 4);
      const found = trueFormula(whole, pantry);
      expect(found.flourG).toBeCloseTo(flour, 5);
      expect(found.hydration).toBeCloseTo(dough.hydration, 9);
      expect(found.saltShare).toBeCloseTo(dough.saltShare, 9);
      expect(found.oilShare).toBeCloseTo(dough.oilShare, 9);
      const inLeavens = dough.leavens.reduce(
        (sum, one) => sum + (one.made.by === 'yeast' ? one.made.freshShare * one.flourShare : 0),
        0,
      );
      expect(found.freshShare).toBeCloseTo(dough.yeast.freshShare + inLeavens, 9);
      const soft = found.flours.find((one) => one.flourId === 'soft')?.share ?? 0;
      expect(soft).toBeCloseTo(dough.flours[1]!.share, 6);
    }),
  );
});

test('scaling is linear: twice the flour is twice of everything', () => {
  fc.assert(
    fc.property(anyDough, flourG, (dough, flour) => {
      const once = doughWeights(dough, flour, pantry).whole;
      const twice = doughWeights(dough, 2 * flour, pantry).whole;
      for (const [id, massG] of Object.entries(once)) {
        expect(twice[id]).toBeCloseTo(2 * massG, 4);
      }
    }),
  );
});

const shown = (dough: Dough, flour: number) => doughWeights(dough, flour, pantry);

test('a gram typed is the gram that stands there: the dough’s weight held, or its flour', () => {
  fc.assert(
    fc.property(
      anyDough,
      fc.constantFrom('salt', 'oil', 'water', 'milk', 'seeds-sesame'),
      fc.record({
        column: fc.constantFrom('whole', 'final'),
        held: fc.constantFrom('dough' as const, 'flour' as const),
        factor: fc.double({ min: 1.05, max: 1.5, noNaN: true }),
      }),
      (dough, ingredientId, { column, held, factor }) => {
        const before = shown(dough, 5000);
        const now = column === 'whole' ? before.whole : before.final;
        const value = Math.max(1, (now[ingredientId] ?? 0) * factor);
        const change = { ingredientId, column, as: 'grams' as const, value };
        const edited = editDough({ dough, flourG: 5000, held }, change, pantry);
        const after = shown(edited.dough, edited.flourG);
        const there = (column === 'whole' ? after.whole : after.final)[ingredientId];
        expect(there).toBeCloseTo(value, 3);
        if (held === 'flour') expect(edited.flourG).toBe(5000);
        else expect(massOf(after.whole)).toBeCloseTo(massOf(before.whole), 2);
      },
    ),
  );
});

test('a flour changed is made up by the others; a leaven changed by the final mix', () => {
  const dough: Dough = {
    ...PLAIN,
    flours: [
      { flourId: 'strong', share: 0.7 },
      { flourId: 'soft', share: 0.2 },
      { flourId: 'whole', share: 0.1 },
    ],
    leavens: [leaven('poolish', 0.3)],
  };
  const now = { dough, flourG: 1000, held: 'dough' as const };
  const edited = editDough(
    now,
    { ingredientId: 'strong', column: 'whole', as: 'share', value: 0.4 },
    pantry,
  );
  expect(edited.dough.flours.map((one) => one.share)).toEqual([
    0.4,
    expect.closeTo(0.4, 9),
    expect.closeTo(0.2, 9),
  ]);
  expect(edited.gaveWay).toBe('other flours');
  const wetter = editDough(
    now,
    { ingredientId: 'water', column: 'poolish', as: 'grams', value: 330 },
    pantry,
  );
  expect(wetter.gaveWay).toBe('final mix');
  expect(wetter.dough.leavens[0]!.hydration).toBeCloseTo(1.1, 9);
  expect(massOf(shown(wetter.dough, 1000).whole)).toBeCloseTo(massOf(shown(dough, 1000).whole), 6);
  const dosed = editDough(
    now,
    { ingredientId: 'yeast-fresh', column: 'poolish', as: 'grams', value: 0.9 },
    pantry,
  );
  expect(dosed.dough.leavens[0]!.made).toEqual({
    by: 'yeast',
    freshShare: expect.closeTo(0.003, 9),
    typed: true,
  });
});

test('what can not be edited is refused by name', () => {
  const now = { dough: PLAIN, flourG: 1000, held: 'dough' as const };
  const change = (ingredientId: string, column: string, value: number) => () =>
    editDough(now, { ingredientId, column, as: 'share', value }, pantry);
  expect(change('honey', 'whole', 0.02)).toThrow('“honey” is not in this dough.');
  expect(change('salt', 'whole', -0.02)).toThrow('Salt: -0.02 is not possible.');
  expect(change('water', 'nowhere', 0.5)).toThrow('Leaven: “nowhere” is not in this dough.');
});

test('a leaven exchanged leaves flour, water, salt, oil and weight of the whole as they are', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('poolish', 'biga', 'levain', 'stiff levain', 'carry-over', 'starter'),
      fc.double({ min: 0.05, max: 0.4, noNaN: true }),
      (kind, flourShare) => {
        const dough: Dough = { ...PLAIN, leavens: [leaven('poolish', 0.25)] };
        const after = exchangeLeaven(dough, 'poolish', { kind: kind as 'biga', flourShare });
        const [a, b] = [shown(dough, 2000).whole, shown(after, 2000).whole];
        for (const id of ['strong', 'water', 'salt', 'oil']) expect(b[id]).toBeCloseTo(a[id]!, 6);
        expect(after.leavens[0]).toMatchObject({ kind, flourShare });
      },
    ),
  );
});

test('more leaven than the dough has water for is refused in grams', () => {
  const dough: Dough = { ...PLAIN, hydration: 0.5, leavens: [leaven('poolish', 0.6)] };
  expect(() => doughWeights(dough, 1000, pantry)).toThrow(
    'Water: the leavens bring 600 g, the whole dough has 500 g. Allowed: less leaven, or more of it in the dough.',
  );
});

test('a target is met: pieces with their loss, flour, leaven, dough, a round and a tray', () => {
  fc.assert(
    fc.property(anyDough, fc.double({ min: 0, max: 0.05, noNaN: true }), (dough, lossShare) => {
      const perFlour = doughPerFlour(dough, pantry);
      const product = { name: 'balls', count: 12, weightG: 250, keepsH: 24 };
      const pieces = flourFor({ by: 'products', products: [product] }, dough, lossShare, pantry);
      expect(pieces * perFlour * (1 - lossShare)).toBeCloseTo(3000, 4);
      expect(flourFor({ by: 'flour', flourG: 1234 }, dough, lossShare, pantry)).toBe(1234);
      const made = flourFor({ by: 'dough', doughG: 9000 }, dough, lossShare, pantry);
      expect(made * perFlour).toBeCloseTo(9000, 4);
    }),
  );
  const poolish: Dough = { ...PLAIN, leavens: [leaven('poolish', 0.25)] };
  // 800 g of poolish hold 400 g of flour, a quarter of 1600 g.
  expect(
    flourFor({ by: 'leaven', leavenId: 'poolish', massG: 800 }, poolish, 0, pantry),
  ).toBeCloseTo(1600, 6);
  // π · 15² · 0.37 = 261.5 g.
  const round = { by: 'diameter', count: 1, diameterCm: 30, style: 'middling' } as const;
  expect(flourFor(round, PLAIN, 0, pantry) * doughPerFlour(PLAIN, pantry)).toBeCloseTo(261.5, 1);
  // 40 · 30 · 0.8 = 960 ml at 1.677 g in (0.69 + 0.65 + 0.0108) ml.
  const tray = { by: 'tray', count: 1, lengthCm: 40, widthCm: 30, thicknessMm: 8 } as const;
  expect(flourFor(tray, PLAIN, 0, pantry) * 1.677).toBeCloseTo((960 * 1.677) / 1.3508, 1);
});

test.each([
  [{ hydration: 3 }, 'Water: 3 is not possible.'],
  [{ flours: [{ flourId: 'strong', share: 0.4 }] }, 'do not add up to 100 %'],
  [
    { leavens: [1, 2, 3, 4].map((i) => leaven('poolish', 0.1, { id: `p${i}` })) },
    'more than three',
  ],
])('the schema refuses %j', (change, says) => {
  const parsed = doughSchema.safeParse({ ...PLAIN, ...change });
  expect(parsed.success).toBe(false);
  expect(parsed.error!.issues[0]!.message).toContain(says);
});
