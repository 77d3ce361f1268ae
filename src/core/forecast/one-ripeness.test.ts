import fc from 'fast-check';
import type { RipeWindow } from '../ripeness';
import { fed, raised, yeasted } from './calibration/cases';
import { coldBiga, poolish, stiffStarter, yeastedBall } from './calibration/table';
import { NO_DOUBT } from './doubt';
import { readRequest, runRequest, type MassRequest, type RequestStay } from './mass-request';

/** Step of the runs, h: coarse enough for thousands, fine enough for the bounds below. */
const STEP_H = 0.1;
const read = (request: MassRequest): RipeWindow =>
  readRequest(request, runRequest(request, NO_DOUBT, { stepH: STEP_H }));
const at = (request: MassRequest, stays: readonly RequestStay[]): MassRequest => ({
  ...request,
  stays,
});
const stay = (placeC: number, hours: number): RequestStay => ({ placeC, hours });

const starter = fed({ kind: 'starter', ratio: [1, 5, 5], placeC: 25 });
const MOMENTS = ['youngH', 'primeH', 'opensH', 'bestH', 'closesH', 'pastH'] as const;
const KINDS: readonly MassRequest[] = [
  poolish(0.3, 21),
  poolish(1, 24),
  { ...coldBiga, stays: [] },
  starter,
  stiffStarter,
  fed({ kind: 'levain', ratio: [0.3, 1, 1], placeC: 24 }),
  yeasted({ kind: 'dough', freshPct: 0.3, startC: 22, hydration: 0.62, saltPct: 2.5, massKg: 2 }),
  yeastedBall,
  yeasted({ kind: 'sponge', freshPct: 0.8, startC: 23, hydration: 0.9, massKg: 1 }),
  yeasted({ kind: 'carry-over', freshPct: 0.6, startC: 23, hydration: 0.65, saltPct: 2.5 }),
];

const kind = fc.constantFrom(...KINDS);
const placeC = fc.double({ min: 2, max: 34, noNaN: true });
const stays = fc.array(
  fc.record({ placeC, hours: fc.double({ min: 0.5, max: 14, noNaN: true }) }),
  { minLength: 1, maxLength: 3 },
);

/** The moments of a window before an hour; later ones are not told yet. */
function saidBefore(window: RipeWindow, hour: number): Record<string, number | null> {
  return Object.fromEntries(
    MOMENTS.map((moment) => {
      const atH = window[moment];
      return [moment, atH === null || atH >= hour ? null : Number(atH.toFixed(9))];
    }),
  );
}

test('nothing said about an hour rests on what comes after it: 1,200 histories with two futures each', () => {
  fc.assert(
    fc.property(kind, stays, stays, stays, (mass, past, one, other) => {
      const sofarH = past.reduce((sum, { hours }) => sum + hours, 0);
      const said = [one, other].map((future) =>
        saidBefore(read(at(mass, [...past, ...future])), sofarH - STEP_H),
      );
      expect(said[0]).toEqual(said[1]);
    }),
    { numRuns: 1200, seed: 1 },
  );
});

test('opens before best before closes before past, whatever it went through: 1,000 histories', () => {
  fc.assert(
    fc.property(kind, stays, (mass, history) => {
      const { youngH, primeH, opensH, bestH, closesH, pastH } = read(
        at(mass, [...history, stay(20, 60)]),
      );
      const inOrder = [youngH, primeH, bestH, closesH, pastH].filter((hour) => hour !== null);
      expect([...inOrder].sort((a, b) => a - b)).toEqual(inOrder);
      if (opensH === null) expect(bestH).toBeNull();
    }),
    { numRuns: 1000, seed: 2 },
  );
});

/** Moments by a sweep; two neighbours are further apart than the bound where the edge jumps. */
function expectSmooth(
  windows: readonly RipeWindow[],
  moments: readonly (typeof MOMENTS)[number][],
  most: number,
): void {
  for (const moment of moments) {
    const hours = windows.map((window) => window[moment]);
    hours.slice(1).forEach((hour, i) => {
      const before = hours[i] ?? null;
      if (hour === null || before === null) return;
      const jump = Math.abs(Math.log((hour + 1) / (before + 1)));
      expect({ moment, i, jump: jump > most ? [before, hour] : null }).toEqual({
        moment,
        i,
        jump: null,
      });
    });
  }
}
const sweep = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);

describe('no edge of a window jumps', () => {
  test.each(KINDS.map((mass) => [mass.kind, mass] as const))(
    '%s by the temperature, 2 to 32 °C',
    (_, mass) => {
      const windows = sweep(2, 32, 0.25).map((tempC) => read(at(mass, [stay(tempC, 260)])));
      expectSmooth(windows.slice(24), MOMENTS, 0.12);
      // In the cold a level creeps along under its mark for days: a quarter of a degree is a third of the hours.
      expectSmooth(
        windows.slice(0, 25),
        MOMENTS.filter((moment) => moment !== 'bestH'),
        0.35,
      );
    },
  );
  test('by the dose', () => {
    const doses = sweep(Math.log(0.05), Math.log(2), 0.05).map(Math.exp);
    const windows = doses.map((dose) => read(at(poolish(dose, 21), [stay(21, 60)])));
    expectSmooth(windows, MOMENTS, 0.06);
  });
  test('by the ratio of a feed', () => {
    const windows = sweep(0.5, 12, 0.25).map((k) =>
      read(at(fed({ kind: 'starter', ratio: [1, k, k], placeC: 25 }), [stay(25, 40)])),
    );
    expectSmooth(windows, MOMENTS, 0.25);
  });
  test('by the hour at which it goes into the cold', () => {
    for (const mass of [poolish(0.3, 21), starter]) {
      const windows = sweep(0, 16, 0.25).map((hour) =>
        read(at(mass, [...(hour > 0 ? [stay(22, hour)] : []), stay(4, 300)])),
      );
      expectSmooth(windows, ['youngH', 'primeH', 'closesH'], 0.75);
    }
  });
});

/** What a step of the runs blurs, and sourdough just past the warmth it grows best at, h. */
const SAME_H = 0.08;

test('warmer is never later between 12 and 30 °C', () => {
  for (const mass of KINDS) {
    const windows = sweep(12, 30, 1).map((tempC) => read(at(mass, [stay(tempC, 120)])));
    for (const moment of ['youngH', 'primeH', 'bestH', 'closesH'] as const) {
      windows.slice(1).forEach((window, i) => {
        const colder = windows[i]![moment];
        const warmer = window[moment];
        if (colder === null || warmer === null) return;
        expect({
          kind: mass.kind,
          moment,
          tempC: 13 + i,
          later: warmer - colder > SAME_H ? warmer - colder : 0,
        }).toEqual({
          kind: mass.kind,
          moment,
          tempC: 13 + i,
          later: 0,
        });
      });
    }
  }
});

describe('what used to contradict itself', () => {
  test('a move that is only planned says nothing about now', () => {
    const warm = read(at(poolish(0.3, 21), [stay(21, 60)]));
    const planned = read(at(poolish(0.3, 21), [stay(21, 14), stay(4, 60)]));
    expect(planned.youngH).toBeCloseTo(warm.youngH!, 9);
    expect(planned.primeH).toBeCloseTo(warm.primeH!, 9);
  });
  test('7.9 and 8.1 °C are all but the same', () => {
    for (const mass of [poolish(0.3, 20), coldBiga]) {
      const [colder, warmer] = [7.9, 8.1].map((tempC) => read(at(mass, [stay(tempC, 200)])));
      for (const moment of ['youngH', 'primeH', 'closesH'] as const) {
        expect(colder![moment]! / warmer![moment]!).toBeGreaterThan(1);
        expect(colder![moment]! / warmer![moment]!).toBeLessThan(1.07);
      }
    }
  });
  test('a starter put away an hour later does not close a day and a half sooner', () => {
    const closes = [8, 9, 10].map(
      (hour) => read(at(starter, [stay(25, hour), stay(4, 200)])).closesH!,
    );
    expect(closes[0]! - closes[1]!).toBeLessThan(8);
    expect(closes[1]! - closes[2]!).toBeLessThan(1);
  });
  test('a leaven that was usable in the cold is not less so for being taken out', () => {
    const chilled = [stay(21, 5), stay(4, 44)];
    const taken = read(at(poolish(0.3, 21), [...chilled, stay(21, 30)]));
    const left = read(at(poolish(0.3, 21), [...chilled, stay(4, 200)]));
    expect(taken.youngH).toBeCloseTo(left.youngH!, 9);
    expect(taken.youngH!).toBeLessThan(14);
  });
  test('leftover dough a little over or under 73 % closes at about the same hour', () => {
    const closes = [0.72, 0.73, 0.74].map((share) => {
      const made = at(
        yeasted({ kind: 'dough', freshPct: 0.25, startC: 24, hydration: 0.62, saltPct: 2.5 }),
        [stay(24, 4), stay(4.5, 48), stay(23, 5)],
      );
      const refreshed: MassRequest = {
        ...yeasted({
          kind: 'carry-over',
          freshPct: 0,
          startC: 24,
          hydration: 0.62,
          saltPct: 2.5,
          massKg: 0.28,
        }),
        seeds: [{ flourShare: share, source: { made, atH: 57 } }],
        stays: [stay(24, 40)],
      };
      return read(refreshed).closesH!;
    });
    expect(Math.max(...closes) - Math.min(...closes)).toBeLessThan(0.4);
  });
});

test('a night or a week in the fridge never makes the next feed faster than a mother fed at her peak', () => {
  const nextBestH = (stays: readonly RequestStay[]) => {
    const made = at(starter, stays);
    const atH = stays.reduce((sum, { hours }) => sum + hours, 0);
    const seeds = [{ flourShare: 1 / 11, source: { made, atH } }];
    return read({ ...starter, seeds, stays: [stay(25, 30)] }).bestH!;
  };
  const atPeakH = nextBestH([stay(25, read(starter).bestH! + 1)]);
  for (const warmH of [3, 5, 7, 9]) {
    for (const coldH of [12, 24, 72, 168]) {
      expect(nextBestH([stay(25, warmH), stay(4, coldH)])).toBeGreaterThan(atPeakH - 0.1);
    }
  }
});

test('a leaven long past costs the balls it raises: they go slack sooner, in the end before they open', () => {
  const made = at(poolish(0.1, 21), [stay(21, 60)]);
  const bestH = read(made).bestH!;
  const ballsAfter = (lateH: number) =>
    read(
      raised({
        kind: 'balls',
        seed: { flourShare: 0.4, source: { made, atH: bestH + lateH } },
        startC: 23,
        massKg: 0.28,
      }),
    );
  const hours = (lateH: number) => {
    const { opensH, closesH } = ballsAfter(lateH);
    return opensH === null || closesH === null ? 0 : closesH - opensH;
  };
  expect(hours(2)).toBeGreaterThan(0.95 * hours(0));
  expect(hours(8)).toBeLessThan(0.9 * hours(0));
  expect(hours(16)).toBeLessThan(0.3 * hours(0));
});

test('doubt of the cold moves what stands in the cold by much, what stands in a room by all but nothing', () => {
  const bestAt = (placeC: number, cold: number) => {
    const request = at(poolish(0.3, placeC), [stay(placeC, 300)]);
    const run = runRequest(request, { ...NO_DOUBT, cold }, { stepH: STEP_H });
    return readRequest(request, run).youngH!;
  };
  expect(Math.abs(Math.log(bestAt(22, 1.4) / bestAt(22, 0)))).toBeLessThan(0.02);
  expect(Math.log(bestAt(5, 1.4) / bestAt(5, 0))).toBeGreaterThan(0.15);
});
