import fc from 'fast-check';
import { DOUGH_PANTRY, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import {
  doughColumns,
  doughSchema,
  doughWeights,
  editDough,
  exchangeLeaven,
  withLeavenFlour,
  type Dough,
} from '.';

const STEPS = { scaleStepG: 1, fineStepG: 0.01 };
const grams = (dough: Dough, flourG = 1000) => doughColumns(dough, flourG, STEPS, DOUGH_PANTRY);
const rowOf = (dough: Dough, id: string) =>
  grams(dough).rows.find((one) => one.ingredientId === id);

describe('a leaven with a flour of its own', () => {
  const poolish = { ...PLAIN, leavens: [leaven('poolish', 0.2)] };

  test('makes a white dough one of 80 : 20, and the final mix stays white', () => {
    const dough = withLeavenFlour(poolish, 'poolish', 'whole');
    expect(rowOf(dough, 'whole')).toMatchObject({ wholeG: 200, leavensG: [200], finalG: 0 });
    expect(rowOf(dough, 'strong')).toMatchObject({ wholeG: 800, leavensG: [0], finalG: 800 });
  });

  test('goes back to the dough’s own blend, which is then what the final mix was', () => {
    const there = withLeavenFlour(poolish, 'poolish', 'whole');
    const back = withLeavenFlour(there, 'poolish', null);
    expect(back.leavens[0]?.flours).toBeNull();
    expect(back.flours).toEqual([{ flourId: 'strong', share: 1 }]);
  });

  test('two leavens of their own flours, a third of the blend: every flour adds up', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.2, noNaN: true }),
        fc.double({ min: 0.05, max: 0.2, noNaN: true }),
        fc.double({ min: 0.05, max: 0.2, noNaN: true }),
        (a, b, c) => {
          const leavens = [leaven('poolish', a), leaven('biga', b), leaven('sponge', c)];
          const mixed = {
            ...PLAIN,
            flours: [
              { flourId: 'strong', share: 0.7 },
              { flourId: 'soft', share: 0.3 },
            ],
            leavens,
          };
          const one = withLeavenFlour(mixed, 'poolish', 'whole');
          const two = withLeavenFlour(one, 'biga', 'soft');
          const { whole, final } = doughWeights(two, 1000, DOUGH_PANTRY);
          const flours = ['strong', 'soft', 'whole'].map((id) => whole[id] ?? 0);
          expect(flours.reduce((x, y) => x + y, 0)).toBeCloseTo(1000, 6);
          expect((final['strong'] ?? 0) / (final['soft'] ?? 1)).toBeCloseTo(7 / 3, 6);
          expect(final['whole'] ?? 0).toBeCloseTo(0, 6);
        },
      ),
    );
  });

  test('a dough that is all biga takes the flour of the biga', () => {
    const all = { ...PLAIN, leavens: [leaven('biga', 1)] };
    expect(withLeavenFlour(all, 'biga', 'soft').flours).toEqual([{ flourId: 'soft', share: 1 }]);
  });
});

describe('a leaven with liquids, honey or salt of its own', () => {
  const sparkling = (share: number): Dough => ({
    ...PLAIN,
    leavens: [
      leaven('poolish', 0.3, {
        hydration: 1,
        added: [
          { ingredientId: 'sparkling-water', share },
          { ingredientId: 'honey', share: 0.01 },
        ],
      }),
    ],
  });

  test('their water is of its water, and the whole dough has no drop more', () => {
    const dough = sparkling(0.5);
    const leavenColumn = grams(dough).leavens[0]!;
    // 300 g of flour, 300 g of water: half of it sparkling, 17 % of 3 g of honey.
    expect(leavenColumn.composition).toMatchObject({
      strong: 300,
      'sparkling-water': 150,
      honey: 3,
      water: 149,
    });
    const { whole } = doughWeights(dough, 1000, DOUGH_PANTRY);
    const waterG = (whole['water'] ?? 0) + (whole['sparkling-water'] ?? 0) + 0.17 * whole['honey']!;
    expect(waterG).toBeCloseTo(650, 6);
    expect(rowOf(dough, 'sparkling-water')).toMatchObject({ finalG: 0, wholeG: 150 });
  });

  test('all of its water may be sparkling; more than its water is refused by name', () => {
    const all = { ...sparkling(1) };
    expect(() => grams(all)).toThrow(
      'Poolish: what is added to it brings 100.2 % water, it is to have 100 %.',
    );
    const dry = sparkling(0.99);
    expect(grams(dry).leavens[0]?.composition['water']).toBe(2);
  });

  test('its salt is of the dough’s salt', () => {
    const dough = {
      ...PLAIN,
      leavens: [leaven('sponge', 0.3, { added: [{ ingredientId: 'salt', share: 0.01 }] })],
    };
    expect(rowOf(dough, 'salt')).toMatchObject({ wholeG: 27, leavensG: [3], finalG: 24 });
    const salty = {
      ...PLAIN,
      saltShare: 0.001,
      leavens: [leaven('sponge', 0.3, { added: [{ ingredientId: 'salt', share: 0.02 }] })],
    };
    expect(() => grams(salty)).toThrow('Salt: the leavens bring 6 g, the whole dough has 1 g.');
  });

  test('is edited where it stands: in its column, in the whole and in the final mix', () => {
    const now = { dough: sparkling(0.5), flourG: 1000, held: 'flour' as const };
    const edit = (column: string, value: number) =>
      editDough(now, { ingredientId: 'sparkling-water', column, as: 'grams', value }, DOUGH_PANTRY)
        .dough;
    expect(rowOf(edit('poolish', 100), 'sparkling-water')).toMatchObject({ leavensG: [100] });
    expect(rowOf(edit('whole', 250), 'sparkling-water')).toMatchObject({
      wholeG: 250,
      leavensG: [150],
      finalG: 100,
    });
    expect(rowOf(edit('final', 60), 'sparkling-water')).toMatchObject({
      wholeG: 210,
      finalG: 60,
    });
  });

  test('becoming one that is taken as it is, it has nothing of its own any more', () => {
    const taken = exchangeLeaven(sparkling(0.5), 'poolish', { kind: 'carry-over' });
    expect(taken.leavens[0]?.added).toBeUndefined();
    expect(doughSchema.safeParse(taken).success).toBe(true);
  });

  test('what is stored without them still opens, and odd ones are refused', () => {
    const plain = { ...PLAIN, leavens: [leaven('poolish', 0.3)] };
    expect(doughSchema.parse(JSON.parse(JSON.stringify(plain)))).toEqual(plain);
    const odd = { ...plain, leavens: [{ ...plain.leavens[0]!, asks: 'overripe' }] };
    expect(doughSchema.safeParse(odd).success).toBe(false);
  });
});
