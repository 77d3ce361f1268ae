import { newShopAt } from '../../../tests/fixtures/new-shop';
import { markupOf, wordsOf as words } from '../../../tests/fixtures/words-of';
import { DOUGH_PANTRY, FLOURS, leaven, PLAIN } from '../../../tests/fixtures/doughs';
import { blendOf, enduranceOf } from '@/core/flour';
import { doughColumns, type Dough, type Leaven } from '@/core/formula';
import { checkRecipe, doughOfRecipe, recipeStages } from '@/core/formula/check';
import { startingMethods, methodSchema, type Method } from '@/core/methods';
import { doughsView } from '@/server/doughs/view';
import { BatchesPanel } from './batches-panel';
import { DoughsList } from './doughs-list';
import { DoughsTells } from './doughs-tells';
import { EndurancePanel } from './endurance-panel';
import { FormulaPanel } from './formula-panel';
import { methodOfRecipe } from '@/shop/doughs/method-of-recipe';
import { MethodRemarks } from '@/ui/panels/method-remarks';
import { RecipeLines } from './recipe-lines';

const context = newShopAt(Date.parse('2026-11-24T08:00:00+01:00'));
const view = doughsView(context, null)!;
const { facts } = view;
const UNITS = {
  timeZone: 'Europe/Oslo',
  massUnit: 'g' as const,
  tempUnit: 'C' as const,
  lengthUnit: 'cm' as const,
};
const DOUGH: Dough = { ...PLAIN, leavens: [leaven('poolish', 0.25), leaven('carry-over', 0.06)] };
const columns = doughColumns(DOUGH, 4000, { scaleStepG: 1, fineStepG: 0.1 }, DOUGH_PANTRY);
const method: Method = { ...startingMethods()[1]!.method, dough: DOUGH };

const nothing = () => undefined;

const PANEL = (
  <FormulaPanel
    columns={columns}
    pantry={DOUGH_PANTRY}
    units={UNITS}
    held="dough"
    onHeld={nothing}
    onEdit={nothing}
  />
);

test('the formula is a table whose figures add up, every one of them a button but what is as it is', () => {
  const markup = markupOf(PANEL);
  expect(markup).toContain('aria-label="strong, whole dough, g: 4\u202f000, change"');
  expect(markup).toContain('aria-label="Water, Poolish, g: 1\u202f000, change"');
  expect(markup).not.toContain('aria-label="Salt, Carry-over, g');
  expect(markup).toContain('data-slice="strong-0"');
  const text = words(PANEL);
  expect(text).toContain('gives way: weigh this');
  expect(text).toContain('25 % of the flour');
  expect(text).toContain(`Together water on own flour ${Math.round(columns.wholeG)}`);
});

test('the tells say the true water and salt, what comes with the leaven, and what ferments before', () => {
  const text = words(<DoughsTells method={method} columns={columns} answer={null} facts={facts} />);
  expect(text).toContain('Water, really 65 %');
  expect(text).toContain('Salt, really 2.7 %');
  expect(text).toMatch(/6 g come with the leaven/);
  expect(text).toContain('31 % of flour Poolish and Carry-over');
  const trays: Method = {
    ...method,
    target: { by: 'tray', count: 3, lengthCm: 40, widthCm: 30, thicknessMm: 8 },
  };
  expect(
    words(<DoughsTells method={trays} columns={columns} answer={null} facts={facts} />),
  ).toContain('3 trays');
});

const endured = (strengthW: number, hours: number, strengthSd = 0) => (
  <EndurancePanel
    endurance={enduranceOf({ strengthW, strengthSd }, [{ name: 'balls', hours }], {
      saltShare: 0.027,
    })}
    blend={{ ...blendOf([{ flourId: 'strong', share: 1 }], FLOURS), strengthW, strengthSd }}
    saltShare={0.027}
    facts={facts}
  />
);

test('endurance says what is left, what is too weak with what would last, and what springs back', () => {
  expect(words(endured(300, 30))).toMatch(/\d+ h are left\./);
  expect(words(endured(300, 3))).toContain('Too strong for so short a plan: it springs back.');
  // 70 h · 1.1 want W 295: between the shop’s 260 and 320.
  expect(words(endured(220, 70))).toMatch(/Too weak.*W 2\d\d would: \d+ % Type 00 flour/);
  expect(words(endured(220, 500))).toContain('No blend of the shop’s flours would last.');
  expect(words(endured(280, 72, 40))).toContain('Doubtful');
});

test('batches, boxes and tubs: what fits, and what does not in words', () => {
  const said = (changes: Partial<typeof facts>) =>
    words(
      <BatchesPanel
        columns={columns}
        method={method}
        balls={40}
        facts={{ ...facts, ...changes }}
      />,
    );
  expect(said({})).toContain('No mixer in the shop.');
  const mixers = [{ name: 'Davit', leastKg: 1, mostKg: 4 }];
  const boxes = [{ name: 'Ball box', count: 3, balls: 12 }];
  const tubs = [{ name: 'Tub', count: 1, litres: 3 }];
  const all = said({ mixers, boxes, tubs });
  expect(all).toContain(`2 × ${Math.round(columns.wholeG / 2)} g`);
  expect(all).toContain('4 balls find no box');
  expect(all).toContain('it overflows');
  expect(said({ mixers: [{ name: 'Davit', leastKg: 20, mostKg: 40 }] })).toContain(
    'Too little for Davit',
  );
  const byHand: Method = { ...method, mix: { ...method.mix, by: 'hand' } };
  expect(
    words(
      <BatchesPanel columns={columns} method={byHand} balls={4} facts={{ ...facts, mixers }} />,
    ),
  ).toContain('By hand, in one go.');
});

test('remarks: a formula without salt is asked about before anything is planned', () => {
  const saltless = doughColumns(
    { ...PLAIN, saltShare: 0 },
    1000,
    { scaleStepG: 1, fineStepG: 0.1 },
    DOUGH_PANTRY,
  );
  const planning = { ...facts, pantry: DOUGH_PANTRY };
  const text = words(<MethodRemarks plan={null} columns={saltless} planning={planning} />);
  expect(text).toContain('No salt: is it forgotten?');
  expect(text).toContain('Nothing in it raises it.');
});

test('a formula without salt has a salt row to type into', () => {
  const saltless = doughColumns(
    { ...PLAIN, saltShare: 0 },
    1000,
    { scaleStepG: 1, fineStepG: 0.1 },
    DOUGH_PANTRY,
  );
  expect(saltless.rows.map((row) => [row.ingredientId, row.wholeG])).toContainEqual(['salt', 0]);
  expect(saltless.rows.reduce((sum, row) => sum + row.wholeG, 0)).toBeCloseTo(saltless.wholeG, 6);
});

test('the list has the starting methods with leaven, water and hours, and says how to begin', () => {
  const text = words(<DoughsList view={view} />);
  expect(text).toContain('No method of your own yet.');
  expect(text).toContain('Poolish, two days');
  expect(text).toMatch(/biga 50 %, yeast 0\.2 %/);
  expect(text).toMatch(/\d+ h \(\d+–\d+\)/);
});

test('recipe lines: understood with grams and range, open ones with a field, notes as they are', () => {
  const { lines } = checkRecipe({ text: '1 kg flour\n1 tbsp salt\na glug of oil\nsalt to taste' });
  const markup = markupOf(
    <RecipeLines lines={lines} answers={{}} units={UNITS} onAnswer={nothing} onCounts={nothing} />,
  );
  expect(markup.match(/data-line="understood"/g)).toHaveLength(2);
  expect(markup).toContain('name="answer-2"');
  const text = words(
    <RecipeLines lines={lines} answers={{}} units={UNITS} onAnswer={nothing} onCounts={nothing} />,
  );
  expect(text).toContain('↳ salt, 18 g a tablespoon');
  expect(text).toMatch(/15\.2 g–20\.8 g/);
  expect(text).toContain('kept as a note');
});

test('a recipe becomes a method that the shop can plan: its name, its pieces, a place for its leaven', () => {
  const check = checkRecipe({
    text: 'Skerry dough, from a friend\n1 kg flour\n600 g water\n27 g salt\n500 g poolish\nmakes 8 balls of 250 g',
  });
  // The first line is its title: it waits for no answer.
  expect(check.open).toBe(0);
  const named = checkRecipe({
    text: '1 kg flour\n600 g water\n27 g salt\n500 g poolish\nmakes 8 balls of 250 g',
  });
  const made = doughOfRecipe(named, () => 'flour-strong');
  const recipe = methodOfRecipe(made, named, recipeStages(named.lines, named.parts), view.facts);
  expect(methodSchema.safeParse(recipe).error).toBeUndefined();
  expect(recipe.target).toMatchObject({
    by: 'products',
    products: [{ count: 8, weightG: expect.closeTo(2127 / 8, 1) }],
  });
  expect(Object.keys(recipe.leavenStays)).toEqual([made.dough.leavens[0]!.id]);
});

test('water on own flour counts what liquids bring: half of it sparkling, it is the same water', () => {
  const own = (added: Leaven['added']) => {
    const dough: Dough = { ...PLAIN, leavens: [leaven('poolish', 0.3, { hydration: 1, added })] };
    const wet = doughColumns(dough, 4000, { scaleStepG: 1, fineStepG: 0.1 }, DOUGH_PANTRY);
    const said = words(
      <FormulaPanel
        columns={wet}
        pantry={DOUGH_PANTRY}
        units={UNITS}
        held="dough"
        onHeld={nothing}
        onEdit={nothing}
      />,
    );
    return /Together.*/.exec(said)?.[0].match(/[\d.]+ %/g);
  };
  const plain = own([]);
  expect(plain?.slice(0, 2)).toEqual(['65 %', '100 %']);
  expect(own([{ ingredientId: 'sparkling-water', share: 0.5 }])).toEqual(plain);
});
