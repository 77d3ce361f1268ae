import fc from 'fast-check';
import { DomainError } from '../../units';
import { checkRecipe, doughOfRecipe } from '.';

const words = fc.constantFrom(
  'flour',
  'strong flour',
  'water',
  'salt',
  'yeast',
  'instant yeast',
  'starter',
  'old dough',
  'olive oil',
  'honey',
  'milk',
  'to taste',
  'makes',
  'balls',
  'hydration',
  'of',
  'about',
  '(100 %)',
);
const units = fc.constantFrom(
  'g',
  'kg',
  'ml',
  'l',
  'oz',
  'lb',
  'cups',
  'tbsp',
  'tsp',
  'pinch',
  '%',
  '',
  'sachet',
);
const numbers = fc.oneof(
  fc.integer({ min: 0, max: 5000 }).map(String),
  fc.constantFrom('½', '1½', '2 1/2', '1,5', '0.4', '1 000', '20-30', 'a', '1/0', '∞'),
);
const line = fc
  .tuple(numbers, units, fc.array(words, { minLength: 0, maxLength: 3 }))
  .map(([number, unit, rest]) => `${number} ${unit} ${rest.join(' ')}`);

test('any heap of lines is read to the end: every line has an answer, and every figure is one', () => {
  fc.assert(
    fc.property(fc.array(line, { maxLength: 12 }), (lines) => {
      const check = checkRecipe({ text: lines.join('\n') });
      expect(check.lines).toHaveLength(Math.max(1, lines.length));
      for (const one of check.lines) {
        if (one.kind === 'understood') {
          expect(one.mass.massG).toBeGreaterThanOrEqual(0);
          expect(one.mass.lowG).toBeLessThanOrEqual(one.mass.highG);
          expect(Number.isFinite(one.mass.massG)).toBe(true);
        }
      }
      if (check.sums === null) return;
      const { hydration, saltShare, doughG, flourG } = check.sums;
      for (const range of [hydration, saltShare, doughG, flourG]) {
        expect(Number.isFinite(range.value)).toBe(true);
        expect(range.low).toBeLessThanOrEqual(range.value + 1e-9);
        expect(range.high).toBeGreaterThanOrEqual(range.value - 1e-9);
      }
      expect(doughG.value).toBeGreaterThanOrEqual(flourG.value - 1e-6);
    }),
    { numRuns: 400 },
  );
});

test('any letters at all are read or refused in a sentence, and quickly', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 400 }), (text) => {
      try {
        checkRecipe({ text });
      } catch (error) {
        expect(error).toBeInstanceOf(DomainError);
      }
    }),
    { numRuns: 300 },
  );
});

test('a recipe that is understood whole becomes a dough of the same water and salt', () => {
  const grams = fc.integer({ min: 200, max: 5000 });
  fc.assert(
    fc.property(
      grams,
      fc.double({ min: 0.5, max: 0.85, noNaN: true }),
      fc.double({ min: 0.015, max: 0.035, noNaN: true }),
      fc.double({ min: 0.02, max: 0.3, noNaN: true }),
      (flourG, water, salt, starter) => {
        const text = `${flourG} g flour\n${(flourG * water).toFixed(1)} g water\n${(flourG * salt).toFixed(1)} g salt\n${(flourG * starter).toFixed(1)} g starter`;
        const check = checkRecipe({ text });
        expect(check.open).toBe(0);
        const { dough } = doughOfRecipe(check, () => 'strong');
        const leavenFlour = (flourG * starter) / 2;
        const all = flourG + leavenFlour;
        expect(dough.hydration).toBeCloseTo((flourG * water + leavenFlour) / all, 2);
        expect(dough.saltShare).toBeCloseTo((flourG * salt) / all, 3);
        expect(dough.leavens[0]!.flourShare).toBeCloseTo(leavenFlour / all, 2);
      },
    ),
    { numRuns: 60 },
  );
});
