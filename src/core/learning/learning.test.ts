import fc from 'fast-check';
import { aged, learnFrom, lotVariance, priorSpeed, updateBelief, updateByBound } from '.';

const WEEK = 7 * 86_400_000;

describe('belief of ln t', () => {
  const prior = { mean: 0, variance: 0.04 };
  test('one sure look takes the whole step, an unsure one hardly any', () => {
    expect(updateBelief(prior, { z: 0.2, variance: 1e-9 }).mean).toBeCloseTo(0.2, 6);
    expect(updateBelief(prior, { z: 0.2, variance: 100 }).mean).toBeLessThan(0.001);
  });
  test('equal doubts meet half-way with half the variance', () => {
    expect(updateBelief(prior, { z: 0.2, variance: 0.04 })).toEqual({ mean: 0.1, variance: 0.02 });
  });
  test('a look far beyond belief is pulled back', () => {
    const wild = updateBelief(prior, { z: 30, variance: 0.0025 });
    expect(wild.mean).toBeLessThan(0.6);
  });
  test('a bound that was sure to hold teaches nothing, one that was not moves the belief to its side', () => {
    const clear = updateByBound(prior, { z: -3, side: 'after', variance: 0.006 });
    expect(Math.abs(clear.mean)).toBeLessThan(1e-4);
    expect(updateByBound(prior, { z: 0.2, side: 'after', variance: 0.006 }).mean).toBeGreaterThan(
      0.15,
    );
    expect(updateByBound(prior, { z: -0.2, side: 'before', variance: 0.006 }).mean).toBeLessThan(
      -0.15,
    );
  });
  test('the moments of a bound agree with sums over a fine grid', () => {
    const { mean, variance } = updateByBound(prior, { z: 0.1, side: 'after', variance: 0 });
    let [weight, first, second] = [0, 0, 0];
    for (let x = 0.1; x < 2; x += 0.0002) {
      const w = Math.exp(-(x * x) / (2 * 0.04));
      weight += w;
      first += w * x;
      second += w * x * x;
    }
    expect(mean).toBeCloseTo(first / weight, 3);
    expect(variance).toBeCloseTo(second / weight - (first / weight) ** 2, 3);
  });
  test('no observation makes it less sure', () => {
    const number = fc.double({ min: -2, max: 2, noNaN: true });
    fc.assert(
      fc.property(number, fc.constantFrom('before' as const, 'after' as const), (z, side) => {
        expect(updateByBound(prior, { z, side, variance: 0.01 }).variance).toBeLessThanOrEqual(
          prior.variance + 1e-12,
        );
        expect(updateBelief(prior, { z, variance: 0.01 }).variance).toBeLessThan(prior.variance);
      }),
    );
  });
});

describe('speed of a culture', () => {
  /** A lot whose looks say that everything came `shift` later in ln t. */
  const lessonOf = (shift: number, before: number, atMs: number) => {
    const observed = 0.003;
    const after = (before * observed) / (before + observed);
    return { atMs, shift: (shift * before) / (before + observed), before, after };
  };
  test('a culture that is a third later each time is learned within a few lots', () => {
    let belief = priorSpeed(0);
    const truth = Math.log(0.7);
    for (let lot = 1; lot <= 6; lot += 1) {
      const shift = -(truth - belief.lnSpeed);
      belief = learnFrom(belief, lessonOf(shift, lotVariance(belief), lot * 86_400_000));
      if (lot === 2) expect(Math.abs(belief.lnSpeed - truth)).toBeLessThan(0.05);
    }
    expect(Math.exp(belief.lnSpeed)).toBeCloseTo(0.7, 1);
    expect(belief.lots).toBe(6);
  });
  test('looks that taught nothing leave it alone, weeks make it less sure', () => {
    const belief = { ...priorSpeed(0), variance: 0.001 };
    const same = learnFrom(belief, { atMs: 0, shift: 0, before: 0.02, after: 0.02 });
    expect(same).toEqual(belief);
    expect(aged(belief, 10 * WEEK).variance).toBeGreaterThan(belief.variance);
    expect(aged(belief, 10_000 * WEEK).variance).toBeCloseTo(0.0625, 9);
  });
});
