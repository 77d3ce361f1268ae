import { firstFall, firstRise, LOT_KINDS, rowAtHour, valueAtHour } from '.';
import { greatest } from './crossings';
import { ripenessRule } from './rules';

const series = (values: readonly number[]) => ({
  hours: values.map((_, i) => i),
  length: values.length,
  at: (row: number) => values[row] ?? NaN,
});

describe('the table of ripeness', () => {
  test('has a rule for every kind and every keeping', () => {
    for (const kind of LOT_KINDS) {
      for (const handling of ['room', 'cold', 'tempered'] as const) {
        expect(['peak', 'target', 'stretch', 'age']).toContain(ripenessRule(kind, handling).by);
      }
    }
  });
  test.each([
    ['poolish', 'room', { by: 'peak', shareOfPeak: 0.93 }],
    ['starter', 'room', { by: 'peak', shareOfPeak: 0.9 }],
    ['biga', 'room', { by: 'peak', shareOfPeak: 0.95 }],
    ['poolish', 'cold', { by: 'stretch', opensGas: 2.5, closesGas: null }],
    ['biga', 'cold', { by: 'stretch', opensGas: 2.5, closesGas: 13.7 }],
    ['balls', 'room', { by: 'target', target: 2 }],
    ['balls', 'tempered', { by: 'target', target: 1.8 }],
    ['sponge', 'room', { by: 'target', target: 3, closesShare: null }],
    ['discard', 'room', { by: 'age', keepsH: 24 }],
    ['discard', 'cold', { by: 'age', keepsH: 336 }],
  ] as const)('%s at %s', (kind, handling, rule) => {
    expect(ripenessRule(kind, handling)).toMatchObject(rule);
  });
  test('opening and closing scale with the target', () => {
    const rule = ripenessRule('balls', 'room');
    if (rule.by !== 'target') throw new Error('balls go by their rise');
    expect(1 + rule.opensShare).toBeCloseTo(1.6, 9);
    expect(1 + (rule.closesShare ?? NaN)).toBeCloseTo(2.6, 9);
  });
});

describe('reading a series', () => {
  const hill = series([1, 2, 3, 2, 1]);
  test('finds rises and falls between rows', () => {
    expect(firstRise(hill, 2.5)).toBe(1.5);
    expect(firstFall(hill, 1.5, 2)).toBe(3.5);
    expect(firstRise(hill, 1)).toBe(0);
    expect(firstRise(hill, 4)).toBeNull();
    expect(firstFall(hill, 0)).toBeNull();
    expect(firstRise(hill, 1, 9)).toBeNull();
  });
  test('reads between rows and holds the ends', () => {
    expect(valueAtHour(hill, 0.25)).toBe(1.25);
    expect(valueAtHour(hill, -3)).toBe(1);
    expect(valueAtHour(hill, 99)).toBe(1);
  });
  test('finds rows and tops', () => {
    expect(rowAtHour([0, 1, 2, 3], 4, 1.5)).toBe(2);
    expect(rowAtHour([0, 1, 2, 3], 4, 50)).toBe(3);
    expect(greatest(hill, 0, 4)).toEqual({ row: 2, value: 3 });
  });
});
