import { readLine } from '.';

/** [line, thing, grams, grams either way at least this far apart (0: exact)] */
const READ: readonly (readonly [string, string, number, number])[] = [
  ['1 kg strong flour', 'flour-strong', 1000, 0],
  ['1,5 kg 00 flour', 'flour-00', 1500, 0],
  ['1.000 kg type 00', 'flour-00', 1000, 0],
  ['- 850g Tipo 00', 'flour-00', 850, 0],
  ['Flour 1 000 g', 'flour', 1000, 0],
  ['1,250 g flour', 'flour', 1250, 0],
  ['500 g W 320 strong bread flour', 'flour-strong', 500, 0],
  ['2 lb 4 oz bread flour', 'flour-strong', 1020.58, 0],
  ['17 oz. flour', 'flour', 481.94, 0],
  ['½ kg wholewheat flour', 'flour-wholegrain', 500, 0],
  ['4 cups all-purpose flour', 'flour', 508.8, 60],
  ['1½ cups semolina', 'flour-semolina', 244.8, 20],
  ['1 1/2 cups of rice flour', 'flour-rice', 216, 20],
  ['500 g (about 4 cups) flour', 'flour', 500, 0],
  ['600 ml water', 'water', 600, 5],
  ['0.6 l cold water', 'water', 600, 5],
  ['6 dl lukewarm water at 30 °C', 'water', 600, 5],
  ['65 cl tap water (20°C)', 'water', 650, 5],
  ['2¾ cups water', 'water', 660, 40],
  ['12 fl oz water', 'water', 354.9, 3],
  ['330ml sparkling water', 'sparkling-water', 330, 3],
  ['250 ml whole milk', 'milk', 257.5, 2],
  ['salt: 28 g', 'salt', 28, 0],
  ['1 ½ tbsp fine sea salt', 'salt', 27, 4],
  ['1 tsp table salt', 'salt', 6, 0.9],
  ['2 teaspoons flaky salt', 'salt', 8.5, 2],
  ['a pinch of salt', 'salt', 0.3, 0.1],
  ['30 g extra virgin olive oil', 'oil', 30, 0],
  ['two tablespoons olive oil', 'oil', 27.3, 3],
  ['1/2 tsp sugar', 'sugar', 2.125, 0.2],
  ['1 tbsp honey', 'honey', 21.3, 2],
  ['5 g diastatic malt powder', 'malt-diastatic', 5, 0],
  ['3 g fresh yeast', 'yeast-fresh', 3, 0],
  ['0.4 g instant dry yeast', 'yeast-instant', 0.4, 0],
  ['1 sachet dried yeast', 'yeast-active-dry', 7, 0.3],
  ['¼ tsp active dry yeast', 'yeast-active-dry', 0.775, 0.1],
  ['200 g starter (100 %)', 'starter', 200, 0],
  ['150g ripe sourdough starter', 'starter', 150, 0],
  ['120 g stiff starter (50% hydration)', 'stiff levain', 120, 0],
  ['300 g old dough', 'carry-over', 300, 0],
  ['600 g poolish', 'poolish', 600, 0],
  ['1 kg + 200 g flour', 'flour', 1200, 0],
  ['2 x 250 g flour', 'flour', 500, 0],
  ['20-30 g olive oil', 'oil', 25, 5],
  ['2 eggs', 'egg', 100, 5],
  ['3) 40 g sesame seeds', 'seeds-sesame', 40, 0],
  ['650 g water 65 %', 'water', 650, 0],
];

test.each(READ)('“%s” is %s, %d g', (raw, id, massG, apart) => {
  const line = readLine(raw, 0);
  if (line.kind !== 'understood') throw new Error(`${line.kind}: ${JSON.stringify(line)}`);
  expect(line.thing.id).toBe(id);
  expect(line.mass.massG).toBeCloseTo(massG, massG < 1 ? 3 : 0);
  if (apart === 0) expect(line.mass.highG).toBeCloseTo(line.mass.lowG, 9);
  else {
    expect(line.mass.massG - line.mass.lowG).toBeGreaterThan(apart * 0.99);
    expect(line.mass.highG - line.mass.massG).toBeGreaterThan(apart * 0.99);
  }
});

test.each([
  ['salt to taste', 'note'],
  ['flour for dusting', 'note'],
  ['a little extra oil, optional', 'note'],
  ['', 'empty'],
  ['   ', 'empty'],
  ['65 % hydration', 'claim'],
  ['Hydration: 62,5 %', 'claim'],
  ['makes 4 balls of 250 g', 'claim'],
  ['6 x 270 g balls', 'claim'],
  ['yields 1.7 kg', 'claim'],
  ['water 60 %', 'percent'],
])('“%s” is a %s', (raw, kind) => {
  expect(readLine(raw, 0).kind).toBe(kind);
});

test.each([
  ['a glug of oil', 'not understood', 'oil: how much?'],
  ['some flour', 'not understood', 'flour: how much?'],
  ['3 handfuls of flour', 'question', 'flour: 3 of what? No unit is given.'],
  ['300 flour', 'question', 'No unit is given'],
  ['7 g yeast', 'question', 'fresh or dry?'],
  ['500 g flour (2 cups)', 'question', '500 g and 254 g'],
  ['3 pinches of flour', 'question', 'a pinch of it is no amount'],
  ['1 sachet of salt', 'question', 'no amount'],
  ['300 mg salt', 'question', 'Are grams meant?'],
  ['120 g moonlight', 'not understood', 'what is it?'],
])('“%s” is not guessed: %s', (raw, kind, says) => {
  const line = readLine(raw, 0);
  expect(line.kind).toBe(kind);
  expect('says' in line ? line.says : '').toContain(says);
});

describe('what a line is about', () => {
  test.each([
    ['1 cup water, what this flour needed', 'water'],
    ['1000 g wholemeal poolish', 'poolish'],
    ['300 g water for the flour', 'water'],
    ['500 g flour, strong if there is any', 'flour'],
    ['200 g starter fed with rye', 'starter'],
  ])('“%s” is %s', (raw, id) => {
    const line = readLine(raw, 0);
    expect(line).toMatchObject({ kind: 'understood', thing: { id } });
  });

  test('two things on one line are asked about', () => {
    expect(readLine('500 g flour and water', 0)).toMatchObject({ kind: 'not understood' });
  });

  test.each([
    'Ingredients',
    'For the dough:',
    'Harbour Friday dough',
    'Mix everything and rest 30 min.',
    'Add 30 g salt and knead for 10 minutes',
    '1) Dissolve the yeast in 600 ml water',
    'Leave in the fridge for 24 h',
    'Then divide into balls',
  ])('“%s” is passed over, and counted where the baker says so', (raw) => {
    expect(readLine(raw, 0).kind).toBe('skipped');
    expect(readLine(raw, 0, true).kind).not.toBe('skipped');
  });

  test('an ingredient is left out where the baker says so', () => {
    expect(readLine('500 g flour', 0, false)).toMatchObject({ kind: 'skipped' });
  });

  test('salt to the litre is a share of the water', () => {
    expect(readLine('30 g salt per litre of water', 0)).toMatchObject({
      ...{ kind: 'percent', share: 0.03, over: 'water' },
      thing: { id: 'salt' },
    });
  });

  test.each([
    ['6–7 pizzas', 6, 7, null],
    ['6 portions', 6, 6, null],
    ['makes 7 to 8 balls', 7, 8, null],
    ['1 loaf of 1000 g', 1, 1, 1000],
    ['7-8 balls of 250 g', 7, 8, 250],
    ['4 balls, 260 g each', 4, 4, 260],
    ['about 6 medium pizzas at 240–260 g', 6, 6, 250],
    ['3–4 x 300 g rounds', 3, 4, 300],
  ])('“%s” claims pieces', (raw, count, most, weightG) => {
    expect(readLine(raw, 0)).toMatchObject({ claim: { of: 'pieces', count, most, weightG } });
  });
});
