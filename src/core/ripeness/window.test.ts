import { BOOK_MODEL, freshFlourState, recipe, simulate, X, type Stay } from '../kinetics';
import { ripeWindow, type AskedRipeness, type LotKind } from '.';

function mass(
  kind: LotKind,
  fields: {
    yeast: number;
    hydration: number;
    salt?: number;
    massG?: number;
    stays: Stay[];
    startC?: number;
    asks?: AskedRipeness;
  },
) {
  const state = freshFlourState(BOOK_MODEL, 0, fields.startC ?? 21);
  state[X.yeastB] = fields.yeast;
  const run = simulate({
    recipe: recipe({
      hydration: fields.hydration,
      massG: fields.massG ?? 500,
      saltShare: fields.salt ?? 0,
    }),
    start: state,
    stays: fields.stays,
  });
  const asks = fields.asks ?? 'prime';
  return {
    run,
    read: (targetRise?: number) =>
      ripeWindow(run, { kind, asks, ...(targetRise === undefined ? {} : { targetRise }) }),
  };
}

const room: Stay[] = [{ untilH: 30, ambientC: 21 }];

test('a poolish opens an hour or two before its best and closes soon after', () => {
  const { opensH, bestH, closesH } = mass('poolish', {
    yeast: 0.45,
    hydration: 1,
    stays: room,
  }).read();
  expect(bestH! - opensH!).toBeGreaterThan(1);
  expect(bestH! - opensH!).toBeLessThan(2.6);
  expect(closesH! - bestH!).toBeGreaterThan(0.3);
  expect(closesH! - bestH!).toBeLessThan(1.2);
});

test('balls open at 1.6, are best at 2 and close at 2.6 times', () => {
  const { run, read } = mass('balls', {
    yeast: 1,
    hydration: 0.65,
    salt: 0.025,
    massG: 250,
    stays: room,
  });
  const window = read();
  const riseAt = (hour: number) =>
    run.rises[Array.from(run.hours).findIndex((one) => one >= hour)] ?? NaN;
  expect(riseAt(window.opensH!)).toBeCloseTo(1.6, 1);
  expect(riseAt(window.bestH!)).toBeCloseTo(2, 1);
  expect(riseAt(window.closesH!)).toBeCloseTo(2.6, 1);
});

test('the baker’s own target replaces the table’s; one that can not be reached is refused with the greatest rise', () => {
  const balls = mass('balls', { yeast: 1, hydration: 0.65, salt: 0.025, massG: 250, stays: room });
  expect(balls.read(1.7).bestH!).toBeLessThan(balls.read().bestH!);
  expect(() => balls.read(6)).toThrow(/greatest rise/);
});

test('cooling fakes no peak: a poolish put in the fridge half-way is not ripe then', () => {
  const cooled = mass('poolish', {
    yeast: 0.45,
    hydration: 1,
    stays: [
      { untilH: 5, ambientC: 21 },
      { untilH: 40, ambientC: 4 },
      { untilH: 60, ambientC: 21 },
    ],
  });
  expect(cooled.read().bestH!).toBeGreaterThan(20);
});

test('what never gets there says so', () => {
  const none = mass('poolish', { yeast: 0, hydration: 1, stays: room }).read();
  expect(none).toMatchObject({ opensH: null, bestH: null, closesH: null });
});

test('a biga asked for young has a usable stretch without a best; asked for prime it is the same mass later', () => {
  const cold = {
    yeast: 1,
    hydration: 0.48,
    massG: 3000,
    startC: 22,
    stays: [{ untilH: 200, ambientC: 4 }],
  };
  const young = mass('biga', { ...cold, asks: 'young' }).read();
  const prime = mass('biga', cold).read();
  expect(young).toMatchObject({ by: 'stretch', bestH: null, opensH: young.youngH });
  expect(young.opensH!).toBeGreaterThan(14);
  expect(young.opensH!).toBeLessThan(26);
  expect(prime).toMatchObject({ by: 'peak', opensH: young.primeH, closesH: young.closesH });
  expect(prime.opensH!).toBeGreaterThan(young.opensH!);
});

test('discard keeps a day on the bench and two weeks in the fridge, by one clock', () => {
  const kept = (ambientC: number) =>
    mass('discard', {
      yeast: 0.5,
      hydration: 1,
      startC: ambientC,
      stays: [{ untilH: 60, ambientC }],
    }).read();
  expect(kept(22).closesH! / 24).toBeCloseTo(1, 0);
  expect(kept(4).closesH! / 24).toBeCloseTo(14, 0);
});

test('a dough that starves is past even where it never reaches its target', () => {
  const { opensH, bestH, closesH, pastH } = mass('sponge', {
    yeast: 3,
    hydration: 1.4,
    stays: room,
  }).read();
  expect(opensH).not.toBeNull();
  expect(bestH!).toBeGreaterThanOrEqual(opensH!);
  expect(closesH!).toBeGreaterThanOrEqual(bestH!);
  expect(pastH!).toBeGreaterThan(closesH!);
});
