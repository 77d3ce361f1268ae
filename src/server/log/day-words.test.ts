import { speak } from '@/words/all-languages';
import { dayWords } from './day-words';

// A Friday morning in Oslo.
const NOW = Date.parse('2026-11-27T06:10:00+01:00');
const at = (text: string) => Date.parse(text);
const named = (text: string) => dayWords(text.split(' '), NOW, 'Europe/Oslo');

test('weekdays by name or by three letters, in the shop’s zone', () => {
  const { isNamed, others } = named('friday grusa');
  expect(others).toEqual(['grusa']);
  expect(isNamed?.(at('2026-11-27T00:10:00+01:00'))).toBe(true);
  expect(isNamed?.(at('2026-11-20T23:50:00+01:00'))).toBe(true);
  expect(isNamed?.(at('2026-11-26T23:50:00+01:00'))).toBe(false);
  expect(named('Fri').isNamed?.(NOW)).toBe(true);
});

test('today and yesterday are dates, two days are either', () => {
  expect(named('today').isNamed?.(at('2026-11-20T12:00:00+01:00'))).toBe(false);
  expect(named('yesterday').isNamed?.(at('2026-11-26T12:00:00+01:00'))).toBe(true);
  const two = named('mon tue').isNamed;
  expect(two?.(at('2026-11-23T12:00:00+01:00'))).toBe(true);
  expect(two?.(at('2026-11-24T12:00:00+01:00'))).toBe(true);
  expect(two?.(at('2026-11-25T12:00:00+01:00'))).toBe(false);
});

test('what is no day stays a word: too short, or another word that begins alike', () => {
  expect(named('fr sunflower monda')).toEqual({
    isNamed: expect.any(Function),
    others: ['fr', 'sunflower'],
  });
  expect(named('grusa').isNamed).toBeNull();
});

test('in the language of the shop, and in English beside it', () => {
  speak('it');
  try {
    for (const [said, others] of [
      ['lunedì', []],
      ['lun grusa', ['grusa']],
      ['ieri', []],
      ['domenica', []],
      ['monday', []],
    ] as const) {
      expect(named(said)).toEqual({ isNamed: expect.any(Function), others });
    }
    const sunday = named('domenica').isNamed;
    expect(sunday?.(at('2026-11-22T12:00:00+01:00'))).toBe(true);
    expect(sunday?.(at('2026-11-23T12:00:00+01:00'))).toBe(false);
  } finally {
    speak('en');
  }
});
