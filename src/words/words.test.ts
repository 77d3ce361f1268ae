import { speak } from './all-languages';
import { bareName } from './bare';
import { dayOfMonth, monthsLong, weekdaysLong, weekdaysShort } from './days';
import { inFigures, ordinal } from './figures';
import { learn } from './learn';
import { perLanguage } from './per-language';
import { language, languageFor } from './speaker';
import { inSentence, tr, trFor, trOf, word } from './tr';

afterEach(() => speak('en'));

test('a sentence is said in English as it is written, in other languages by its catalogue', () => {
  const said = () => tr`${'Quay'} is due`;
  expect(said()).toBe('Quay is due');
  speak('it');
  expect(said()).toBe('Quay è da fare');
  speak('de');
  expect(said()).toBe('Quay ist fällig');
  expect(tr`no catalogue holds this: ${1}`).toBe('no catalogue holds this: 1');
});

test('what stands in a sentence is never read as a sentence, a key or a place for something', () => {
  speak('it');
  for (const hostile of ['$t(Next)', '{0}', '{{0}}', '<b>', '$&', 'a:b.c|d'])
    expect(tr`${hostile} is due`).toBe(`${hostile} è da fare`);
});

test('an order of its own is kept: German sets in what another place in English holds', () => {
  speak('de');
  expect(tr`${'Quay'} is ${7} min ${'early'}: ${'x'}.`).toBe('Quay ist 7 min early: x.');
  speak('it');
  expect(tr`${'Quay'} is ${7} min ${'early'}: ${'x'}.`).toBe('Quay è early di 7 min: x.');
});

test('one English with two meanings is told apart by what it is said of', () => {
  const place = () => trFor('place')`to ${'Bench'}`;
  expect([place(), tr`to ${'15:00'}`]).toEqual(['to Bench', 'to 15:00']);
  speak('it');
  expect([place(), tr`to ${'15:00'}`]).toEqual(['in Bench', 'alle 15:00']);
});

test('words of closed lists are said; nothing stays nothing', () => {
  expect([trOf('ripe'), trOf(null), trOf(undefined)]).toEqual(['ripe', null, undefined]);
  speak('de');
  expect([trOf('ripe'), trOf('Grusa'), trOf(null)]).toEqual(['reif', 'Grusa', null]);
  expect(word('ripe')).toBe('ripe');
});

test('nouns within a sentence are small, but not in German', () => {
  expect(inSentence('Strong flour')).toBe('strong flour');
  speak('de');
  expect([inSentence('Mehl'), inSentence(undefined)]).toEqual(['Mehl', undefined]);
});

test.each([
  ['en', ['0.5', '×2.4', '9.1 kg', '4th']],
  ['it', ['0,5', '×2,4', '9,1 kg', '4ª']],
  ['de', ['0,5', '×2,4', '9,1 kg', '4.']],
] as const)('figures in %s', (spoken, said) => {
  speak(spoken);
  expect([...['0.5', '×2.4', '9.1 kg'].map(inFigures), ordinal(4)]).toEqual(said);
  // No figure: a date, an hour, a code, a sentence.
  for (const other of ['27.11.', '18.30 Uhr heute', 'P1127-1', 'v1.2.3', 'It is 0.5.'])
    expect(inFigures(other)).toBe(other);
});

test('1st, 2nd, 3rd, 11th, 22nd', () => {
  expect([1, 2, 3, 11, 22].map(ordinal)).toEqual(['1st', '2nd', '3rd', '11th', '22nd']);
});

test('days and months by Intl', () => {
  expect([weekdaysShort()[0], weekdaysLong()[4], monthsLong()[10]]).toEqual([
    'Mon',
    'Friday',
    'November',
  ]);
  speak('it');
  expect([weekdaysShort()[0], weekdaysLong()[4], monthsLong()[10], dayOfMonth(27)]).toEqual([
    'lun',
    'venerdì',
    'novembre',
    '27',
  ]);
  speak('de');
  expect([weekdaysShort()[0], monthsLong()[2], dayOfMonth(27)]).toEqual(['Mo', 'März', '27.']);
});

test('a bake’s own name from that of its lot, in English and in the language of the shop', () => {
  expect(bareName('Quay dough', 'dough', 'balls')).toBe('Quay');
  expect(bareName('Quay poolish', 'dough', 'balls')).toBe('Quay poolish');
  expect(bareName(' dough', 'dough')).toBe(' dough');
  speak('it');
  for (const bake of ['Quay', 'Impasto bianco']) {
    expect(bareName(tr`${bake} dough`, 'dough')).toBe(bake);
    expect(bareName(tr`${bake} balls`, 'balls')).toBe(bake);
    expect(bareName(tr`${bake} poolish`, 'poolish')).toBe(bake);
  }
  expect(bareName('Quay dough', 'dough')).toBe('Quay');
});

test('what is made of words is made once for each language', () => {
  const make = jest.fn(() => tr`ripe${''}` + trOf('ripe'));
  const made = perLanguage(make);
  const first = made();
  expect(made()).toBe(first);
  speak('it');
  expect(made()).not.toBe(first);
  speak('en');
  expect(made()).toBe(first);
  expect(make).toHaveBeenCalledTimes(2);
});

test.each([
  ['de-CH', 'de'],
  ['it', 'it'],
  ['en-US', 'en'],
  ['fr-FR', 'en'],
  ['', 'en'],
  ['constructor', 'en'],
])('a device in “%s” is spoken to in %s', (locale, spoken) => {
  expect(languageFor(locale)).toBe(spoken);
});

test('a page learns a language once, and forgets it for English', async () => {
  expect(learn('en')).toBeNull();
  const learning = learn('de');
  expect(learn('de')).toBe(learning);
  await learning;
  expect(language()).toBe('de');
  expect([learn('de'), trOf('ripe')]).toEqual([null, 'reif']);
  await learn('en');
  expect([language(), trOf('ripe')]).toEqual(['en', 'ripe']);
});
