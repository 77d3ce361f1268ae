import fc from 'fast-check';
import { type Method, USUAL_MIX } from '../methods';
import { hoursToBalls, mixClock, WEIGHING_MIN } from '.';

const bulk = (hours: number) => [{ placeId: 'bench', hours, leastH: 0, mostH: 99 }];
const rest = (minutes: number) => ({ ...USUAL_MIX, autolyse: { minutes, placeId: 'fridge' } });

test('twice 4 + 30 + 6 minutes and the weighing are kept free before the balls', () => {
  const { spans, outMin } = mixClock(rest(30), 2);
  expect(outMin).toBe(WEIGHING_MIN + 2 * (4 + 30 + 6));
  expect(spans).toEqual([{ fromMin: 0, toMin: outMin }]);
  const mix = { ...rest(30), by: 'mixer' as const, aimC: 24 };
  expect(hoursToBalls({ mix, bulk: bulk(1) }, 2)).toBeCloseTo(1.5 + 1, 9);
});

test('over a rest of an hour hands are free, and all batches rest together', () => {
  const { spans, outMin } = mixClock(rest(60), 2);
  expect(spans).toEqual([
    { fromMin: 0, toMin: 18 },
    { fromMin: 78, toMin: 90 },
  ]);
  expect(outMin).toBe(90);
});

test('a soak of seven hours lies before the mix, which takes no longer for it', () => {
  expect(mixClock(rest(420), 2)).toEqual(mixClock(rest(0), 2));
});

test('a bulk is not over before its last fold', () => {
  const folded: Method['mix'] = {
    ...rest(0),
    by: 'hand',
    aimC: 24,
    folds: { count: 4, everyMin: 30 },
  };
  const outH = 20 / 60;
  expect(hoursToBalls({ mix: folded, bulk: bulk(0.5) }, 1)).toBeCloseTo(outH + 2, 9);
  expect(hoursToBalls({ mix: folded, bulk: bulk(3) }, 1)).toBeCloseTo(outH + 3, 9);
});

test('a mix never takes less than what is turned and rested, and more batches never less', () => {
  fc.assert(
    fc.property(fc.nat(89), fc.integer({ min: 1, max: 12 }), (minutes, batches) => {
      const { spans, outMin } = mixClock(rest(minutes), batches);
      const taken = spans.reduce((sum, one) => sum + one.toMin - one.fromMin, 0);
      expect(taken).toBeGreaterThanOrEqual(WEIGHING_MIN + batches * 10);
      expect(outMin).toBeGreaterThanOrEqual(WEIGHING_MIN + batches * 10 + minutes);
      expect(mixClock(rest(minutes), batches + 1).outMin).toBeGreaterThan(outMin);
    }),
  );
});
