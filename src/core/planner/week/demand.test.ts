import fc from 'fast-check';
import { at, demandFor, startingMethod } from '../../../../tests/fixtures/planning';
import {
  ballsUntil,
  halfHours,
  judgedHalfHours,
  methodFor,
  pizzasPerHour,
  sittingsOf,
} from './demand';

const demand = demandFor('2026-11-27T18:00', [], { balls: 30 });

test('a service of two hours has four half hours, one of 75 minutes three, the last one short', () => {
  expect(halfHours(demand.readyFromMs, demand.readyToMs)).toHaveLength(4);
  const short = halfHours(demand.readyFromMs, demand.readyFromMs + 75 * 60_000);
  expect(short.map((one) => (one.toMs - one.fromMs) / 60_000)).toEqual([30, 30, 15]);
});

test('pizzas are even where nothing is said, and as said where it is', () => {
  expect(pizzasPerHour(demand)).toEqual([15, 15]);
  expect(pizzasPerHour({ ...demand, perHour: [10, 20] })).toEqual([10, 20]);
  const long = { ...demand, readyToMs: demand.readyFromMs + 2.5 * 3_600_000 };
  expect(pizzasPerHour(long)).toEqual([12, 12, 6]);
});

test('balls until an hour grow to all of them, and follow the shape', () => {
  const shaped = { ...demand, perHour: [10, 20] };
  expect(ballsUntil(shaped, at('2026-11-27T18:00'))).toBe(0);
  expect(ballsUntil(shaped, at('2026-11-27T19:00'))).toBeCloseTo(10, 9);
  expect(ballsUntil(shaped, at('2026-11-27T19:30'))).toBeCloseTo(20, 9);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 300 }),
      fc.integer({ min: 1, max: 6 }),
      (balls, hours) => {
        const any = { ...demand, balls, readyToMs: demand.readyFromMs + hours * 3_600_000 };
        expect(ballsUntil(any, any.readyToMs)).toBeCloseTo(balls, 6);
      },
    ),
  );
});

test.each([1, 7, 30, 199])(
  'a method made for %i balls makes as many, each as heavy as before',
  (balls) => {
    for (const id of ['straight', 'one-dough-three']) {
      const method = startingMethod(id);
      const { target } = methodFor(method, balls);
      if (target.by !== 'products' || method.target.by !== 'products')
        throw new Error('no products');
      const weights = target.products.map((one) => one.weightG);
      expect(weights).toEqual(method.target.products.map((one) => one.weightG));
      const count = target.products.reduce((sum, one) => sum + one.count, 0);
      if (balls >= target.products.length) expect(count).toBe(balls);
    }
  },
);

test('hours without pizzas divide a service into sittings; at its ends they belong to it', () => {
  const day = { ...demand, readyToMs: demand.readyFromMs + 6 * 3_600_000 };
  const hours = (perHour: number[] | null) =>
    sittingsOf({ ...day, perHour }).map((one) =>
      [one.fromMs, one.toMs].map((atMs) => (atMs - day.readyFromMs) / 3_600_000),
    );
  expect(hours(null)).toEqual([[0, 6]]);
  expect(hours([5, 5, 5, 5, 5, 5])).toEqual([[0, 6]]);
  expect(hours([10, 5, 0, 0, 5, 10])).toEqual([
    [0, 2],
    [4, 6],
  ]);
  expect(hours([0, 10, 0, 10, 10, 0])).toEqual([
    [0, 2],
    [3, 6],
  ]);
  expect(hours([0, 0, 0, 0, 0, 0])).toEqual([[0, 6]]);
});

test('a pause between turns is not judged; what nobody serves before the first or after the last is', () => {
  const at = (hour: number) => demand.readyFromMs + hour * 3_600_000;
  const service = { readyFromMs: at(0), readyToMs: at(4) };
  const judged = (turns: [number, number][]) =>
    judgedHalfHours(
      service,
      turns.map(([from, to]) => ({ fromMs: at(from), toMs: at(to) })),
    ).length;
  expect(judged([[0, 4]])).toBe(8);
  expect(
    judged([
      [0, 1],
      [3, 4],
    ]),
  ).toBe(4);
  expect(judged([[1, 4]])).toBe(8);
  expect(judged([])).toBe(8);
});
