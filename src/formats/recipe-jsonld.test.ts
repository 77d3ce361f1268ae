import fc from 'fast-check';
import { checkRecipe, doughOfRecipe } from '@/core/formula/check';
import { startingMethod } from '../../tests/fixtures/planning';
import { looksLikeJson, readRecipe, recipeJsonLd } from './recipe-jsonld';

const method = startingMethod('poolish-day');
const lines = [
  { name: 'strong flour', massG: 6000 },
  { name: 'water', massG: 3960 },
  { name: 'salt', massG: 162 },
  { name: 'fresh yeast', massG: 9.25 },
];
const text = recipeJsonLd(method, {
  lines,
  steps: ['Build the poolish.', 'Mix.'],
  yields: '40 balls',
  hours: 12.25,
});

test('a method goes out as a recipe that any reader of JSON-LD understands', () => {
  const value = JSON.parse(text) as Record<string, unknown>;
  expect(value['@context']).toBe('https://schema.org');
  expect(value['@type']).toBe('Recipe');
  expect(value['totalTime']).toBe('PT12H15M');
  expect(value['recipeIngredient']).toEqual([
    '6000 g strong flour',
    '3960 g water',
    '162 g salt',
    '9.25 g fresh yeast',
  ]);
  expect(value['recipeInstructions']).toEqual([
    { '@type': 'HowToStep', text: 'Build the poolish.' },
    { '@type': 'HowToStep', text: 'Mix.' },
  ]);
  const [whole] = value['additionalProperty'] as { value: unknown }[];
  expect(whole!.value).toEqual(JSON.parse(JSON.stringify(method)));
});

test('it comes back in: its lines are read to the same dough', () => {
  const read = readRecipe(text);
  if (read.kind !== 'recipe') throw new Error(read.sentence);
  const { dough } = doughOfRecipe(checkRecipe({ text: read.lines.join('\n') }), () => 'flour');
  expect(dough.hydration).toBeCloseTo(0.66, 6);
  expect(dough.saltShare).toBeCloseTo(0.027, 6);
});

test.each([
  ['in a list', (one: object) => [one]],
  [
    'in a graph',
    (one: object) => ({
      '@context': 'https://schema.org',
      '@graph': [{ '@type': 'WebPage' }, one],
    }),
  ],
  ['of two types', (one: object) => ({ ...one, '@type': ['Recipe', 'NewsArticle'] })],
])('a recipe %s is found', (_, wrap) => {
  const read = readRecipe(JSON.stringify(wrap(JSON.parse(text) as object)));
  expect(read.kind === 'recipe' && read.lines.length).toBe(4);
});

test.each([
  ['{"@type":"Recipe","recipeIngredient":[]}', 'is empty'],
  ['{"@type":"Person","name":"Jo"}', 'no recipe in it'],
  ['{"@type":"Recipe"', 'can not be read'],
  ['[1,2,null]', 'no recipe in it'],
  ['{"@type":"Recipe","recipeIngredient":[7]}', 'no recipe in it'],
])('%s is refused in a sentence', (wrong, says) => {
  const read = readRecipe(wrong);
  expect(read.kind === 'refused' && read.sentence).toContain(says);
});

test('damaged anywhere, it is read or refused, and never throws', () => {
  fc.assert(
    fc.property(
      fc.nat({ max: text.length }),
      fc.string({ maxLength: 4 }),
      fc.nat({ max: 8 }),
      (at, put, cut) => {
        const read = readRecipe(text.slice(0, at) + put + text.slice(at + cut));
        expect(['recipe', 'refused']).toContain(read.kind);
      },
    ),
    { numRuns: 500 },
  );
});

test('a recipe line by line is no JSON', () => {
  expect(looksLikeJson('1 kg flour')).toBe(false);
  expect(looksLikeJson(' \n {"a":1}')).toBe(true);
});
