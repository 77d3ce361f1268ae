import { ripenessAt } from '.';

const window = { youngMs: 4, primeMs: 6, closesMs: 9, pastMs: 11 };

test.each([
  [3, 'not yet'],
  [4, 'young'],
  [6, 'prime'],
  [8.9, 'prime'],
  [9, 'late'],
  [11, 'past'],
] as const)('at %d it is %s', (atMs, what) => {
  expect(ripenessAt(window, atMs)).toBe(what);
});

test('a dough is never young, and what never gets there is not yet', () => {
  expect(ripenessAt({ ...window, youngMs: null }, 5)).toBe('not yet');
  const never = { youngMs: null, primeMs: null, closesMs: null, pastMs: null };
  expect(ripenessAt(never, 99)).toBe('not yet');
});

test('what is used young and never gets prime goes from young to late', () => {
  expect(ripenessAt({ ...window, primeMs: null }, 8)).toBe('young');
  expect(ripenessAt({ ...window, primeMs: null }, 10)).toBe('late');
});
