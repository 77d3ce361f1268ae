import { DOUGH_PANTRY } from '../../../../tests/fixtures/doughs';
import { doughWeights } from '..';
import { checkRecipe, doughOfRecipe } from '.';

const PASTED = `Evening dough, 62 % hydration
1 kg strong flour
200 g starter (100 %)
600 ml water
1½ tbsp fine salt
a glug of oil
flour for dusting
makes 7 balls of 260 g`;

test('a pasted recipe: true water, salt and leaven, and what it claims', () => {
  const check = checkRecipe({ text: PASTED });
  expect(check.lines.map((line) => line.kind)).toEqual([
    'claim',
    'understood',
    'understood',
    'understood',
    'understood',
    'not understood',
    'note',
    'claim',
  ]);
  expect(check.open).toBe(1);
  const sums = check.sums!;
  // 700 of 1100 g.
  expect(sums.hydration.value).toBeCloseTo(700 / 1100, 9);
  expect(sums.leavenShare.value).toBeCloseTo(100 / 1100, 9);
  expect(sums.saltShare.value).toBeCloseTo(27 / 1100, 9);
  expect(sums.saltShare.low).toBeLessThan(sums.saltShare.value);
  const [water, pieces] = check.claims;
  expect(water).toMatchObject({ of: 'water', claimed: 0.62, agrees: false });
  expect(water!.why).toBe('700 of 1100 g; without the leaven 600 of 1000 g');
  expect(pieces).toMatchObject({ of: 'each of 7', claimed: 260, agrees: true });
});

test('an answer settles a line, and the recipe becomes a dough of the same weights', () => {
  const check = checkRecipe({ text: PASTED, answers: { 5: 25 } });
  expect(check.open).toBe(0);
  const { dough, flourG, replaced } = doughOfRecipe(check, (id) =>
    id === 'flour-strong' ? 'strong' : id,
  );
  expect(replaced).toEqual([{ name: 'strong flour', flourId: 'strong' }]);
  const { final, leavens } = doughWeights(dough, flourG, DOUGH_PANTRY);
  expect(final['strong']).toBeCloseTo(1000, 6);
  expect(final['water']).toBeCloseTo(600, 6);
  expect(final['oil']).toBeCloseTo(25, 6);
  expect(leavens[0]!.composition).toMatchObject({
    strong: expect.closeTo(100, 6),
    water: expect.closeTo(100, 6),
  });
});

test('a recipe with open lines is no method yet, one without flour is none', () => {
  expect(() => doughOfRecipe(checkRecipe({ text: PASTED }), (id) => id)).toThrow(
    'Recipe: 1 line waits for an answer.',
  );
  const none = checkRecipe({ text: '300 g water\n9 g salt' });
  expect(none.sums).toBeNull();
  expect(() => doughOfRecipe(none, (id) => id)).toThrow('no flour');
});

test('an order of magnitude is asked about, and still counted as it stands', () => {
  const check = checkRecipe({ text: '1 kg flour\n650 g water\n28 kg salt\n40 g instant yeast' });
  const salt = check.lines[2]!;
  expect(salt.kind).toBe('question');
  expect('says' in salt ? salt.says : '').toContain('Is it in grams where a kilo stands?');
  // 4 % instant is 11.8 % as fresh, yet under 8 % by weight: as it stands.
  expect(check.lines[3]!.kind).toBe('understood');
  expect(check.sums!.saltShare.value).toBeCloseTo(28, 6);
});

test('per cents are grams of the flour where no extra ingredients are given, and claims where they are', () => {
  const check = checkRecipe({ text: '1000 g flour\nwater 64 %\nsalt 2.5 %\nsalt 30 g' });
  expect(check.sums!.hydration.value).toBeCloseTo(0.64, 9);
  expect(check.sums!.saltShare.value).toBeCloseTo(0.03, 9);
  expect(check.claims).toEqual([
    expect.objectContaining({ of: 'salt', claimed: 0.025, agrees: false }),
  ]);
});

test('yeast of every type is counted as fresh', () => {
  const fresh = (line: string) =>
    checkRecipe({ text: `1 kg flour\n600 g water\n20 g salt\n${line}` }).sums!.freshShare.value;
  expect(fresh('3 g fresh yeast')).toBeCloseTo(0.003, 9);
  expect(fresh('3 g active dry yeast')).toBeCloseTo(0.003 / 0.42, 9);
  expect(fresh('3 g instant yeast')).toBeCloseTo(0.003 / 0.34, 9);
});

test('what is too long is refused, and nonsense breaks nothing', () => {
  expect(() => checkRecipe({ text: 'x\n'.repeat(200) })).toThrow('Allowed: up to 80 lines');
  expect(() => checkRecipe({ text: '1 kg flour', answers: { 0: -2 } })).toThrow(
    'Grams of the line: −2 g is not possible.',
  );
  for (const text of ['', '\n\n', '½', '1/0 kg flour', '%%%', '1 kg', '– – –', '9e99 kg flour']) {
    expect(() => checkRecipe({ text })).not.toThrow();
  }
});

describe('what a recipe says of itself', () => {
  test('salt by the cent is of all flour, the leaven’s counted; by the litre of all water', () => {
    const text = '800 g flour\n500 g water\n400 g poolish\nsalt 2.5 %';
    const check = checkRecipe({ text });
    expect(check.sums?.saltShare.value).toBeCloseTo(0.025, 6);
    const byLitre = checkRecipe({
      text: text.replace('salt 2.5 %', '30 g salt per litre of water'),
    });
    expect([...(byLitre.sums?.grams.values() ?? [])].at(-1)).toBeCloseTo(0.03 * 700, 6);
  });

  test('290 g against 283 is told', () => {
    const check = checkRecipe({
      text: '1 kg flour\n650 g water\n28 g salt\nmakes 6 balls of 290 g',
    });
    expect(check.claims).toMatchObject([{ claimed: 290, agrees: false }]);
  });

  test('headings and steps open no line', () => {
    const check = checkRecipe({
      text: 'Quay dough\n\nIngredients:\n1 kg flour\n650 g water\n\nMethod\nMix and rest 30 min.\nBake hot.',
    });
    expect(check.open).toBe(0);
    expect(check.sums?.doughG.value).toBe(1650);
  });
});
