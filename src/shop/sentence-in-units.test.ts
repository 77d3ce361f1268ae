import { speak } from '@/words/all-languages';
import { refused } from './outcome';
import { inUnits, sentenceInUnits } from './sentence-in-units';

const METRIC = { massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' } as const;
const OTHER = { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' } as const;

test.each([
  [
    'Temperature: 204.4 °C is not possible. Allowed: −30 to 45 °C.',
    'Temperature: 399.9 °F is not possible. Allowed: −22 to 113 °F.',
  ],
  [
    'Each: 2835 g is not possible. Allowed: 20 to 2000 g.',
    'Each: 100 oz is not possible. Allowed: 0.705 to 70.5 oz.',
  ],
  ['Dough 5604\u00a0g.', 'Dough 198\u00a0oz.'],
  ['Spiral, dough 24°, then Bench', 'Spiral, dough 75.2°F, then Bench'],
  ['Most dough: 0 kg is not possible.', 'Most dough: 0 lb is not possible.'],
  [
    'Diameter: 200 cm is not possible. Allowed: 10 to 60 cm.',
    'Diameter: 78.7 in is not possible. Allowed: 3.94 to 23.6 in.',
  ],
  [
    'Balls: −3 is not possible. Allowed: 1 to 2000.',
    'Balls: −3 is not possible. Allowed: 1 to 2000.',
  ],
  ['Two feeds in a row at 24–26 °C.', 'Two feeds in a row at 75.2–78.8 °F.'],
  ['Taken to be as set, ±1°.', 'Taken to be as set, ±1.8°F.'],
  ['It freezes at −18° or colder.', 'It freezes at −0.4°F or colder.'],
  ['Give 12 grams of it.', 'Give 12 grams of it.'],
  ['Thin: 0.4 g/cm² is not possible.', 'Thin: 0.4 g/cm² is not possible.'],
])('“%s” in the other units', (sentence, other) => {
  expect(sentenceInUnits(sentence, OTHER)).toBe(other);
  // Said once more it stays: a panel need not know whether the shop has said it already.
  expect(sentenceInUnits(other, OTHER)).toBe(other);
  expect(sentenceInUnits(sentence, METRIC)).toBe(sentence);
});

test('what is done stays as it is; what is refused names its field as before', () => {
  expect(inUnits({ ok: true, value: 3 }, OTHER)).toEqual({ ok: true, value: 3 });
  const no = refused('tempC', 'Measured: 80 °C is not possible.');
  expect(inUnits(no, OTHER)).toMatchObject({
    ok: false,
    refusals: [{ field: 'tempC', sentence: 'Measured: 176 °F is not possible.' }],
  });
  expect(inUnits(no, null)).toBe(no);
});

test.each([
  [
    'it',
    'Temperatura: 80,5 °C non è possibile. Ammesso: da −30 a 45 °C.',
    'Temperatura: 176,9 °F non è possibile. Ammesso: da −22 a 113 °F.',
  ],
  [
    'de',
    'Temperatur: 80 °C ist nicht möglich. Erlaubt: −30 bis 45,5 °C.',
    'Temperatur: 176 °F ist nicht möglich. Erlaubt: −22 bis 113,9 °F.',
  ],
] as const)(
  'in %s figures and ranges are found as they are written there',
  (spoken, said, other) => {
    speak(spoken);
    try {
      expect(sentenceInUnits(said, OTHER)).toBe(other);
    } finally {
      speak('en');
    }
  },
);
