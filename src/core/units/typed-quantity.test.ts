import fc from 'fast-check';
import { ouncesToGrams, readQuantity, unitOf, type QuantityKind, type ShopUnits } from '.';

const METRIC: ShopUnits = { timeZone: 'UTC', massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' };
const OTHER: ShopUnits = { timeZone: 'UTC', massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' };

test.each<[string, QuantityKind, ShopUnits, number]>([
  ['250', 'mass', METRIC, 250],
  [' 250,5 g ', 'mass', METRIC, 250.5],
  ['1.2kg', 'mass', METRIC, 1200],
  ['8 oz', 'mass', METRIC, ouncesToGrams(8)],
  ['8', 'mass', OTHER, ouncesToGrams(8)],
  ['1 lb 2 oz', 'mass', OTHER, ouncesToGrams(18)],
  ['1lb2oz', 'mass', METRIC, ouncesToGrams(18)],
  ['.84 g', 'mass', OTHER, 0.84],
  ['39', 'temperature', OTHER, 3.8889],
  ['4 °C', 'temperature', OTHER, 4],
  ['-18', 'temperature', METRIC, -18],
  ['−18°', 'temperature', METRIC, -18],
  ['70f', 'temperature', METRIC, 21.1111],
  ['12"', 'length', METRIC, 30.48],
  ['12', 'length', OTHER, 30.48],
  ['30 cm', 'length', OTHER, 30],
  ['0.25', 'thickness', OTHER, 6.35],
  ['4 mm', 'thickness', OTHER, 4],
  ['0.4 cm', 'thickness', METRIC, 4],
])('“%s” as a %s', (text, kind, units, metric) => {
  expect(readQuantity(text, kind, units)).toBeCloseTo(metric, 4);
});

test.each<[string, QuantityKind]>([
  ['', 'mass'],
  ['a few', 'mass'],
  ['12 °F', 'mass'],
  ['1 2', 'mass'],
  ['1 lb 2', 'mass'],
  ['20 c 30 c', 'temperature'],
  ['5 g', 'length'],
  ['--3', 'temperature'],
])('“%s” is no %s', (text, kind) => {
  expect(readQuantity(text, kind, METRIC)).toBeNull();
});

test('whatever is typed is a finite figure or none, and a plain number is of the shop’s unit', () => {
  fc.assert(
    fc.property(
      fc.string({ maxLength: 20 }),
      fc.constantFrom<QuantityKind>('mass', 'temperature', 'length', 'thickness'),
      fc.constantFrom(METRIC, OTHER),
      (text, kind, units) => {
        const read = readQuantity(text, kind, units);
        expect(read === null || Number.isFinite(read)).toBe(true);
      },
    ),
  );
  expect([unitOf('mass', OTHER), unitOf('temperature', OTHER), unitOf('thickness', OTHER)]).toEqual(
    ['oz', '°F', 'in'],
  );
});
