import { firstFall, firstRise, LOT_KINDS, rowAtHour, valueAtHour } from '.';
import { greatest } from './crossings';
import { ripenessRule } from './rules';

const series = (values: readonly number[]) => ({
  hours: values.map((_, i) => i),
  length: values.length,
  at: (row: number) => values[row] ?? NaN,
});

describe('the table of ripeness', () => {
  test('has one rule for every kind, wherever it stands', () => {
    for (const kind of LOT_KINDS) {
      expect(['peak', 'target', 'age']).toContain(ripenessRule(kind).by);
    }
  });
  test.each([
    ['poolish', { by: 'peak', opensShare: 0.93 }],
    ['starter', { by: 'peak', opensShare: 0.9 }],
    ['biga', { by: 'peak', youngGas: 1.25 }],
    ['balls', { by: 'target', target: 2, holdsShape: true }],
    ['sponge', { by: 'target', target: 3, closesShare: null, holdsShape: false }],
    ['discard', { by: 'age', keepsH: 24 }],
  ] as const)('%s', (kind, rule) => {
    expect(ripenessRule(kind)).toMatchObject(rule);
  });
  test('opening and closing scale with the target', () => {
    const rule = ripenessRule('balls');
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
