import fc from 'fast-check';
import { seededNormal } from '../numeric';
import { recipe } from '../kinetics';
import { DomainError } from '../units';
import { windowBand } from './band';
import { fed, levainPart, raised, yeasted } from './calibration/cases';
import { chanceInside } from './chance';
import { NO_DOUBT } from './doubt';
import { invert, withUnknown, type Unknown } from './invert';
import { readRequest, runRequest, type MassRequest } from './mass-request';
import { drawnBand } from './monte-carlo';
import { doubtfulRequest, forecastRequest } from './request-band';

const poolish = (freshPct: number, tempC: number) =>
  yeasted({ kind: 'poolish', freshPct, startC: tempC });
const starter = (k: number, placeC: number) => fed({ kind: 'starter', ratio: [1, k, k], placeC });
/** An independent check: steps a fifth as long. */
const finelyH = (request: MassRequest) => {
  const window = readRequest(request, runRequest(request, NO_DOUBT, { stepH: 0.01 }));
  return window.bestH ?? window.opensH ?? Infinity;
};

describe('inversion', () => {
  const unknown: Unknown = { of: 'dose', least: 0.0001, most: 0.03 };

  test('the dose found makes the poolish best at the wanted hour by finer steps, and agrees with the closed form', () => {
    for (const [tempC, wantedH] of [
      [18, 14],
      [21, 10],
      [24, 7],
      [27, 6],
    ] as const) {
      const answer = invert(poolish(0.4, tempC), unknown, wantedH);
      if (answer.kind !== 'found') throw new Error('feasible');
      const solved = withUnknown(poolish(0.4, tempC), unknown, answer.value);
      expect(Math.abs(finelyH(solved) - wantedH) * 60).toBeLessThan(5);
    }
    const at24 = invert(poolish(0.4, 24), unknown, 9);
    // Closed form at 24 °C: t = ln(1 + μK/Y0)/μ with μ = 0.236/h, K = 11.2 %·h.
    const closed = (0.236 * 11.2) / (Math.exp(0.236 * 9) - 1) / 100;
    if (at24.kind !== 'found') throw new Error('feasible');
    expect(Math.abs(Math.log(at24.value / closed))).toBeLessThan(0.35);
  });

  test('the seed found makes a starter best at the wanted hour, for any feasible wish', () => {
    const seed: Unknown = { of: 'seed', least: 0.01, most: 0.6 };
    fc.assert(
      fc.property(
        fc.integer({ min: 16, max: 29 }),
        fc.double({ min: 3, max: 16, noNaN: true }),
        (placeC, wantedH) => {
          const answer = invert(starter(5, placeC), seed, wantedH);
          if (answer.kind === 'out of range') {
            const { atLeastH, atMostH } = answer.range;
            expect(wantedH > (atLeastH ?? Infinity) || wantedH < (atMostH ?? Infinity)).toBe(true);
            return;
          }
          expect(
            Math.abs(finelyH(withUnknown(starter(5, placeC), seed, answer.value)) - wantedH) * 60,
          ).toBeLessThan(2);
        },
      ),
      { numRuns: 12 },
    );
  });

  test('the place found from an hour on', () => {
    const place: Unknown = { of: 'place', fromH: 3, least: 10, most: 30 };
    const answer = invert(poolish(0.4, 22), place, 12);
    if (answer.kind !== 'found') throw new Error('feasible');
    expect(
      Math.abs(finelyH(withUnknown(poolish(0.4, 22), place, answer.value)) - 12) * 60,
    ).toBeLessThan(5);
    expect(answer.value).toBeLessThan(22);
  });

  test('an infeasible wish gets the nearest value and the bound that stops it', () => {
    expect(invert(poolish(0.4, 21), unknown, 1)).toMatchObject({
      kind: 'out of range',
      bound: 'most',
      nearest: 0.03,
    });
    expect(invert(poolish(0.4, 30), unknown, 60)).toMatchObject({
      kind: 'out of range',
      bound: 'least',
    });
  });

  test.each([
    [{ of: 'dose', least: 0.02, most: 0.01 }, 10],
    [{ of: 'dose', least: 0, most: 0.01 }, 10],
    [{ of: 'dose', least: NaN, most: 0.01 }, 10],
    [unknown, NaN],
    [unknown, -1],
    [{ of: 'seed', least: 0.01, most: 0.5 }, 8],
  ] as [Unknown, number][])('%p for %p h is refused', (one, wantedH) => {
    expect(() => invert(poolish(0.4, 21), one, wantedH)).toThrow(DomainError);
  });
});

describe('bands', () => {
  const lot = (request: MassRequest) => doubtfulRequest(request);
  const window = (request: MassRequest) => readRequest(request, runRequest(request, NO_DOUBT));

  test.each([
    ['a poolish', poolish(0.4, 21)],
    ['a starter', starter(5, 23)],
    ['a levain dough', raised({ kind: 'balls', seed: levainPart(0.15), startC: 24, massKg: 0.25 })],
  ])('the linearised band of %s agrees with one drawn from the same doubts', (_, request) => {
    const linear = windowBand(window(request), lot(request))!.bestH!;
    const drawn = drawnBand(lot(request), 600, seededNormal(11)).bestH!;
    const width = linear[1] - linear[0];
    expect(Math.abs(linear[0] - drawn[0])).toBeLessThan(0.15 * width);
    expect(Math.abs(linear[1] - drawn[1])).toBeLessThan(0.15 * width);
  });

  test('more doubt is a wider band', () => {
    const request = poolish(0.4, 21);
    const width = (shrink: number, extraLnSd: number) => {
      const [early, late] = windowBand(window(request), {
        ...lot(request),
        shrink,
        extraLnSd,
      })!.bestH!;
      return late - early;
    };
    expect(width(0.5, 0)).toBeLessThan(width(1, 0));
    expect(width(1, 0)).toBeLessThan(width(1, 0.3));
  });

  test('where some runs never get there, a thousand are drawn and the share is told', () => {
    const weak = { ...poolish(0.3, 21), stays: [{ placeC: 21, hours: 11.8 }] };
    const { band, drawn } = forecastRequest(weak, seededNormal(5));
    expect(band).toBeNull();
    expect(drawn!.runs).toBe(1000);
    expect(drawn!.neverShare).toBeGreaterThan(0.02);
    expect(drawn!.neverShare).toBeLessThan(0.98);
  });

  test('the chance of being inside rises to the best, falls after, and counts what never gets there', () => {
    const request = poolish(0.4, 21);
    const { window: one, band } = forecastRequest(request, seededNormal(5));
    const chance = (hour: number, never = 0) => chanceInside(one, band!, hour, never);
    expect(chance(one.bestH! - 6)).toBeLessThan(0.02);
    expect(chance(one.bestH! - 0.5)).toBeGreaterThan(0.4);
    expect(chance(one.bestH! + 8)).toBeLessThan(0.05);
    expect(chance(one.bestH!, 0.5)).toBeCloseTo(chance(one.bestH!) / 2, 9);
    expect(chance(0)).toBe(0);
  });
});

describe('generations', () => {
  test('a starter fed three times, its levain, its dough, the leftover and the refreshed dough run in one go', () => {
    const feed = { ratio: [1, 4, 4] as const, tempC: 24, motherHydration: 1 };
    const levain = fed({
      kind: 'levain',
      ratio: [1, 3, 3],
      placeC: 24,
      afterFeeds: [feed, feed, feed],
    });
    const dough = raised({
      kind: 'dough',
      seed: { flourShare: 0.2, source: { made: levain, atH: 'best' } },
      startC: 24,
      massKg: 5,
    });
    const refreshed = raised({
      kind: 'carry-over',
      seed: { flourShare: 0.4, source: { made: dough, atH: 7 } },
      startC: 24,
      massKg: 2,
    });
    const bestH = (request: MassRequest) =>
      readRequest(request, runRequest(request, NO_DOUBT)).bestH!;
    expect(bestH(levain)).toBeGreaterThan(4);
    expect(bestH(levain)).toBeLessThan(9);
    expect(bestH(dough)).toBeGreaterThan(1.5);
    expect(bestH(dough)).toBeLessThan(6);
    expect(bestH(refreshed)).toBeGreaterThan(1.5);
    expect(bestH(refreshed)).toBeLessThan(8);
  });

  test('hybrids: a little baker’s yeast beside a levain is sooner than the levain alone', () => {
    const at = (freshPct: number) => {
      const one = raised({
        kind: 'balls',
        seed: levainPart(0.12),
        startC: 24,
        massKg: 0.25,
        freshPct,
      });
      return readRequest(one, runRequest(one, NO_DOUBT)).bestH!;
    };
    expect(at(0.1)).toBeLessThan(at(0));
  });
});

test('bad input to a request gets its code, and no NaN leaves', () => {
  const base = poolish(0.4, 21);
  const code = (change: Partial<MassRequest>) => {
    try {
      runRequest({ ...base, ...change }, NO_DOUBT);
      return 'accepted';
    } catch (error) {
      return error instanceof DomainError ? error.code : String(error);
    }
  };
  expect(code({ freshShare: NaN })).toBe('dose-share-range');
  expect(code({ freshShare: 2 })).toBe('dose-share-range');
  expect(code({ startC: 60 })).toBe('temperature-range');
  expect(code({ stays: [] })).toBe('run-no-stay');
  expect(code({ seeds: [{ flourShare: 1.2, source: { made: base, atH: 3 } }] })).toBe(
    'seed-share-range',
  );
  expect(
    code({
      seeds: [
        { flourShare: 0.7, source: { made: base, atH: 3 } },
        { flourShare: 0.7, source: { made: base, atH: 3 } },
      ],
    }),
  ).toBe('seed-share-sum');
  expect(() => recipe({ hydration: 1, massG: NaN })).toThrow(DomainError);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 0.1, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: -30, max: 45, noNaN: true }),
      (freshShare, placeC, startC) => {
        const run = runRequest(
          { ...base, freshShare, startC, stays: [{ placeC, hours: 8 }] },
          NO_DOUBT,
        );
        expect(run.rises.every((rise) => Number.isFinite(rise) && rise >= 0)).toBe(true);
        expect(run.states.every(Number.isFinite)).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});
