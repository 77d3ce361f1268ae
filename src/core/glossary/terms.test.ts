import { startingMethods } from '../methods';
import { LOT_KINDS } from '../ripeness';
import { TERMS, termsFor, termsIn } from '.';

test('words stand in alphabetical order, each once, each with a meaning of its own', () => {
  const words = TERMS.map((one) => one.word);
  expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')));
  expect(new Set(words).size).toBe(words.length);
  for (const { means } of TERMS) expect(means).toMatch(/^[A-Z“].{20,}\.$/s);
});

test('every kind of lot and every leaven of the starting methods has its meaning', () => {
  const found = (word: string) => termsFor(word).length > 0;
  for (const kind of LOT_KINDS)
    expect([kind, found(kind.replace('stiff ', ''))]).toEqual([kind, true]);
  for (const { method } of startingMethods()) {
    for (const leaven of method.dough.leavens) {
      const word = leaven.kind.replace('stiff ', '').split(' ').at(-1) ?? '';
      expect([leaven.kind, found(word)]).toEqual([leaven.kind, true]);
    }
  }
});

test('a word is found by its beginning, by what it is also called, and by what it means', () => {
  expect(termsFor('bi')[0]!.word).toBe('biga');
  expect(termsFor('elastic').map((one) => one.word)).toContain('springs back');
  expect(termsFor('lactic').map((one) => one.word)).toContain('starter');
  expect(termsFor('  ')).toBe(TERMS);
  expect(termsFor('zeppelin')).toEqual([]);
});

test('the words of a text are found whole, in its order, in one form or the other', () => {
  const words = (text: string) => termsIn(text).map((one) => one.word);
  expect(words('Mix the dough; its poolish is ripe. Two bigas wait.')).toEqual(
    ['poolish', 'window', 'biga'].filter((word) => TERMS.some((one) => one.word === word)),
  );
  expect(words('BIGA')).toEqual(['biga']);
  expect(words('bigamy, ambiga')).toEqual([]);
  expect(words('')).toEqual([]);
  for (const { word } of TERMS) expect(words(`Here: ${word}.`)).toContain(word);
});
