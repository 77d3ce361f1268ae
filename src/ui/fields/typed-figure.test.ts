import fc from 'fast-check';
import type { QuantityKind } from '@/core/units';
import { METRIC, type FigureUnits } from './shop-units';
import { heldFigure, shownFigure } from './typed-figure';

const OTHER: FigureUnits = { massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' };

test.each<[string, QuantityKind, string]>([
  ['250', 'mass', '8.818'],
  ['0.84', 'mass', '0.0296'],
  ['4', 'temperature', '39.2'],
  ['-18', 'temperature', '-0.4'],
  ['30', 'length', '11.81'],
  ['4', 'thickness', '0.157'],
  ['', 'mass', ''],
  ['a lot', 'mass', 'a lot'],
])('“%s” held as a %s is shown as “%s” in the other units', (held, kind, shown) => {
  expect(shownFigure(held, kind, OTHER)).toBe(shown);
  expect(shownFigure(held, kind, METRIC)).toBe(held);
});

test.each<[string, QuantityKind, FigureUnits, string]>([
  ['10', 'mass', OTHER, '283.5'],
  ['250 g', 'mass', OTHER, '250'],
  ['1.2 kg', 'mass', METRIC, '1200'],
  ['12.', 'mass', METRIC, '12.'],
  ['2,5', 'mass', METRIC, '2,5'],
  ['39', 'temperature', OTHER, '3.889'],
  ['39 f', 'temperature', METRIC, '3.889'],
  ['12', 'length', OTHER, '30.48'],
  ['warm', 'temperature', OTHER, 'warm'],
  ['', 'temperature', OTHER, ''],
])('“%s” typed as a %s is held as grams, °C or cm', (typed, kind, units, held) => {
  expect(heldFigure(typed, kind, units)).toBe(held);
});

test('what is shown and typed again is the same figure, to what a scale or a probe can tell', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 60_000, noNaN: true }),
      fc.constantFrom<QuantityKind>('mass', 'temperature', 'length', 'thickness'),
      fc.constantFrom(METRIC, OTHER),
      (value, kind, units) => {
        const held = String(Number(value.toFixed(2)));
        const again = Number(heldFigure(shownFigure(held, kind, units), kind, units));
        const step = kind === 'mass' ? Math.max(0.003, Number(held) * 0.001) : 0.06;
        expect(Math.abs(again - Number(held))).toBeLessThanOrEqual(step);
      },
    ),
  );
});
