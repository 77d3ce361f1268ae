import { DOUGH_PANTRY } from '../../../../tests/fixtures/doughs';
import { doughColumns } from '..';
import { checkRecipe, doughOfRecipe, ownThings, recipeStages } from '.';
import { headOf, linesOf } from './heads';

const TWO_STAGES = `Quay pizza, 65 %
Poolish (the night before)
200 g strong flour
200 g water
0.2 g instant yeast
Leave 12-16 h at room temperature.

Final dough
all of the poolish
800 g strong flour
450 g water
25 g salt
1 g instant yeast`;
const asIs = (id: string) => (id.startsWith('flour-') ? id.replace('flour-', '') : 'strong');
const doughOf = (text: string) => doughOfRecipe(checkRecipe({ text }), asIs);
const saysOf = (text: string, line: number) => {
  const found = checkRecipe({ text }).lines[line]!;
  return 'says' in found ? found.says : '';
};

describe('headings of parts', () => {
  test.each([
    ['Poolish', 'poolish'],
    ['For the biga:', 'biga'],
    ['Day 1 – levain build', 'levain'],
    ['The night before: sponge', 'sponge'],
    ['Poolish (the night before)', 'poolish'],
    ['Stiff starter:', 'stiff levain'],
    ['Preferment', 'pre-ferment'],
    ['Final dough', 'dough'],
    ['Next day', 'dough'],
    ['2. Dough:', 'dough'],
    ['Instructions', 'steps'],
  ])('“%s”', (raw, head) => expect(headOf(raw)).toBe(head));
  test.each(['200 g poolish', 'all of the poolish', 'Mix, rest 30 min, knead 8 min.', 'Skerry'])(
    '“%s” heads nothing',
    (raw) => expect(headOf(raw)).toBeNull(),
  );
  test('a part on one line stands on a line for each thing', () => {
    expect(linesOf('Biga: 500 g flour, 250 g water, 1,5 g fresh yeast\nsalt 20 g')).toEqual([
      'Biga:',
      '500 g flour',
      '250 g water',
      '1,5 g fresh yeast',
      '',
      'salt 20 g',
    ]);
    expect(linesOf('Note: mix, rest, bake')).toEqual(['Note: mix, rest, bake']);
  });
});

describe('a recipe in two stages', () => {
  test('its poolish is a leaven with its own flour, water and yeast, weighed once', () => {
    const check = checkRecipe({ text: TWO_STAGES });
    expect(check.open).toBe(0);
    expect(check.parts).toMatchObject([{ kind: 'poolish', name: 'Poolish', goesIn: 1 }]);
    expect(check.sums!.flourG.value).toBe(1000);
    expect(check.sums!.leavenShare.value).toBeCloseTo(0.2, 9);
    const { dough } = doughOfRecipe(check, asIs);
    expect(dough.hydration).toBeCloseTo(0.65, 9);
    expect(dough.yeast).toMatchObject({ type: 'instant', freshShare: expect.closeTo(0.00294, 4) });
    expect(dough.leavens).toMatchObject([
      {
        ...{ kind: 'poolish', name: 'Poolish', hydration: 1, flours: null },
        ...{ flourShare: expect.closeTo(0.2, 9) },
        made: { by: 'yeast', freshShare: expect.closeTo(0.00294, 4), typed: true },
      },
    ]);
    // As it is weighed again it is the recipe.
    const columns = doughColumns(dough, 1000, { scaleStepG: 1, fineStepG: 0.1 }, DOUGH_PANTRY);
    const row = (id: string) => columns.rows.find((one) => one.ingredientId === id);
    expect(row('strong')).toMatchObject({ wholeG: 1000, leavensG: [200], finalG: 800 });
    expect(row('water')).toMatchObject({ wholeG: 650, leavensG: [200], finalG: 450 });
    expect(row('salt')).toMatchObject({ finalG: 25 });
    expect(row('yeast-instant')).toMatchObject({ leavensG: [0.2], finalG: 1 });
  });
  test('a flour that stands in the leaven alone is not weighed again for a rounding', () => {
    const { dough } = doughOf(TWO_STAGES.replace('200 g strong', '200 g wholemeal'));
    expect(dough.leavens[0]!.flours).toMatchObject([{ flourId: 'wholegrain', share: 1 }]);
    const flours = dough.flours.map((part) => ({
      ...part,
      flourId: part.flourId === 'wholegrain' ? 'whole' : part.flourId,
    }));
    const leavens = dough.leavens.map((one) => ({
      ...one,
      flours: [{ flourId: 'whole', share: 1 }],
    }));
    for (const flourG of [1000.7, 997.3, 2003.9]) {
      const columns = doughColumns(
        { ...dough, flours, leavens },
        flourG,
        { scaleStepG: 1, fineStepG: 0.1 },
        DOUGH_PANTRY,
      );
      const whole = columns.rows.find((one) => one.ingredientId === 'whole')!;
      expect(whole.finalG).toBe(0);
      expect(whole.wholeG).toBe(whole.leavensG[0]);
    }
  });
  test('of a levain that is made too large only what goes in is counted', () => {
    const text = `Levain\n30 g starter\n100 g wholemeal flour\n100 g water\n\nDough\n200 g levain\n500 g strong flour\n340 g water\n11 g salt`;
    expect(saysOf(text, 6)).toBe('200 g of the 230 g of levain made above');
    const { dough, flourG } = doughOf(text);
    expect(flourG).toBeCloseTo(600, 6);
    expect(dough.leavens).toMatchObject([
      {
        ...{ kind: 'levain', hydration: expect.closeTo(1, 9) },
        ...{ flourShare: expect.closeTo(1 / 6, 9) },
        made: { by: 'seed', seedShare: expect.closeTo(0.3, 9), seedHydration: 1, typed: true },
      },
    ]);
    expect(dough.flours.find((one) => one.flourId === 'wholegrain')!.share).toBeCloseTo(
      87 / 587,
      2,
    );
  });
  test('more than is made is asked about', () => {
    const text = TWO_STAGES.replace('all of the poolish', '500 g poolish');
    expect(checkRecipe({ text }).open).toBe(1);
    expect(saysOf(text, 8)).toBe('poolish: 500 g go in, but above 400 g are made. Which?');
  });
  test('an unnamed pre-ferment is what is in it; its per cents are of its own flour', () => {
    const kind = (waterPct: number, by = '1 g fresh yeast') =>
      checkRecipe({
        text: `Preferment\n300 g flour\n${waterPct}% water\n${by}\nFinal dough\n700 g flour\n400 g water\n20 g salt`,
      });
    expect(kind(100).parts[0]!.kind).toBe('poolish');
    expect(kind(65).parts[0]!.kind).toBe('sponge');
    expect(kind(45).parts[0]!.kind).toBe('biga');
    expect(kind(100, '60 g starter').parts[0]!.kind).toBe('levain');
    expect(kind(45).sums!.hydration.value).toBeCloseTo(0.535, 9);
  });
  test('honey and sparkling water of a leaven stay in it; held-back water stays held back', () => {
    const made = doughOf(
      `Poolish: 300 g flour, 300 g sparkling water, 3 g honey, 1 g fresh yeast\nDough\n700 g flour\n300 g water\n50 g water, held back\n25 g salt`,
    );
    const [poolish] = made.dough.leavens;
    expect(poolish!.added).toEqual([
      { ingredientId: 'sparkling-water', share: expect.closeTo(1, 6) },
      { ingredientId: 'honey', share: expect.closeTo(0.01, 6) },
    ]);
    expect(made.dough.added).toEqual([]);
    expect(made.heldBackShare).toBeCloseTo(0.05, 9);
  });
  test('what is said without a dose is as usual for its kind, and the fourth leaven is told as lost', () => {
    const bare = doughOf(
      'Biga\n500 g flour\n250 g water\nDough\n500 g flour\n400 g water\n25 g salt',
    );
    expect(bare.dough.leavens[0]!.made).toEqual({ by: 'yeast', freshShare: 0.008 });
    const four = ['Poolish', 'Biga', 'Sponge', 'Levain']
      .map((name) => `${name}\n100 g flour\n80 g water\n1 g fresh yeast`)
      .join('\n');
    const made = doughOf(`${four}\nDough\n600 g flour\n300 g water\n25 g salt`);
    expect(made.dough.leavens).toHaveLength(3);
    expect(made.notKept).toEqual(['Levain: a method has three leavens at the most']);
  });
});

test('flours and cultures of the shop are known by their names', () => {
  const own = ownThings({
    flours: [{ id: 'f1', name: 'Mill Seven' }],
    cultures: [{ id: 'c1', name: 'Grusa', hydration: 1 }],
  });
  const check = checkRecipe({ text: '900 g Mill Seven\n200 g Grusa\n500 g water\n25 g salt', own });
  expect(check.open).toBe(0);
  const { dough } = doughOfRecipe(check, (id) => id);
  expect(dough.flours).toEqual([{ flourId: 'f1', share: 1 }]);
  expect(dough.leavens[0]).toMatchObject({
    kind: 'starter',
    flourShare: expect.closeTo(0.1, 9),
    made: { by: 'taken', cultureId: 'c1' },
  });
});

describe('steps of a recipe as stages', () => {
  const stagesOf = (text: string) => {
    const check = checkRecipe({ text });
    return recipeStages(check.lines, check.parts);
  };
  const FLOUR = '1 kg flour\n650 g water\n25 g salt\n3 g fresh yeast\n';
  test('of two stages: the poolish its hours, the dough its rest, kneading, bulk, cold and balls; not the oven', () => {
    const stages = stagesOf(
      `${TWO_STAGES}
Mix, rest 30 min, knead 8 min.
Bulk 2 hours at room temperature, then 24 h in the fridge.
Divide into 6 balls of 270 g and proof 3-4 hours.
Bake at 450 °C for 90 seconds.`,
    );
    expect(stages).toMatchObject({
      leavens: [[{ where: 'room', leastH: 12, mostH: 16 }]],
      mix: [
        { speed: 'rest', minutes: 30 },
        { speed: 'hand', minutes: 8 },
      ],
      bulk: [
        { where: 'room', leastH: 2, mostH: 2 },
        { where: 'cold', leastH: 24, mostH: 24 },
      ],
      balls: [{ where: 'room', leastH: 3, mostH: 4 }],
      notKept: ['Bake at 450 °C for 90 seconds.'],
    });
  });
  test.each([
    ['24 h in the fridge', { bulk: [{ where: 'cold', leastH: 24, mostH: 24 }] }],
    ['Overnight in the fridge', { bulk: [{ where: 'cold', leastH: 8, mostH: 12 }] }],
    ['Autolyse 45 minutes', { autolyseMin: 45, bulk: [] }],
    ['Autolyse 12 h in the fridge', { autolyseMin: 720, autolyseWhere: 'cold', bulk: [] }],
    ['Preheat the oven for 1 hour', { heatMin: 60, notKept: [], bulk: [] }],
    ['3 stretch and folds every 30 min', { folds: { count: 3, everyMin: 30 }, bulk: [] }],
    ['Fold 4 times', { folds: { count: 4, everyMin: 30 } }],
    ['Mix on slow speed 4 min', { mix: [{ speed: 'slow', minutes: 4 }] }],
    ['Balls 2 days in the fridge', { balls: [{ where: 'cold', leastH: 48, mostH: 48 }] }],
    ['Rise 1½ hours in a warm place', { bulk: [{ where: 'warm', leastH: 1.5, mostH: 1.5 }] }],
    ['16 h at 16 °C', { bulk: [{ where: 'cool', leastH: 16, mostH: 16 }] }],
  ])('“%s”', (step, told) => {
    expect(checkRecipe({ text: FLOUR + step }).open).toBe(0);
    expect(stagesOf(FLOUR + step)).toMatchObject(told);
  });
  test('balls taken out of the fridge stand in the room', () => {
    const { balls } = stagesOf(
      `${FLOUR}Shape into 6 balls\n24 h in the fridge\nTake out of the fridge 3 h before baking`,
    );
    expect(balls).toMatchObject([
      { where: 'cold', leastH: 24 },
      { where: 'room', leastH: 3 },
    ]);
  });
});
