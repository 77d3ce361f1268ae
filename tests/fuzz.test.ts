import fc from 'fast-check';
import {
  afterHandWork,
  blendStates,
  BOOK_MODEL,
  freshFlourState,
  recipe,
  runConstants,
  simulate,
  steadyCulture,
} from '@/core/kinetics';
import { portion, totals } from '@/core/composition';
import { doughTemperatureC, waterFor } from '@/core/thermal';
import { weighDose } from '@/core/formula';
import {
  forecastRequest,
  invert,
  whatIf,
  wishFor,
  type MassRequest,
  type WhatIfBase,
  plainState,
  requestState,
} from '@/core/forecast';
import { learnQuantity } from '@/core/learning';
import { seededNormal } from '@/core/numeric';
import { ripeWindow } from '@/core/ripeness';
import { DomainError } from '@/core/units';
import { PANTRY } from './fixtures/baking';

/** Numbers as they come from outside: sensible, wild, and none at all. */
const anyNumber = fc.oneof(
  fc.double({ min: 0, max: 1, noNaN: true }),
  fc.double({ min: -100, max: 100, noNaN: true }),
  fc.constantFrom(NaN, Infinity, -Infinity, 0, -1, 60, 101, 1e12, -0, 1e-300),
);

/** True when every number inside is finite or absent. */
function finite(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  if (value instanceof Float64Array) return value.every(Number.isFinite);
  if (Array.isArray(value)) return value.every(finite);
  if (value !== null && typeof value === 'object') return Object.values(value).every(finite);
  return true;
}

/** Calls a public function with anything: it answers in finite numbers or refuses by a code. */
function answersOrRefuses(call: (...numbers: number[]) => unknown, runs = 80): void {
  fc.assert(
    fc.property(fc.array(anyNumber, { minLength: 8, maxLength: 8 }), (numbers) => {
      let answer: unknown;
      try {
        answer = call(...numbers);
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        expect(error.code).toMatch(/^[a-zA-Z-]+$/);
        expect(error.message.length).toBeGreaterThan(10);
        return;
      }
      expect(finite(answer)).toBe(true);
    }),
    { numRuns: runs },
  );
}

const PLAIN = recipe({ hydration: 1, massG: 500 });
const yeasted = () => {
  const state = freshFlourState(BOOK_MODEL, 0, 21);
  state[0] = 0.4;
  return state;
};
const poolish = (change: Partial<MassRequest>): MassRequest => ({
  kind: 'poolish',
  recipe: PLAIN,
  startC: 21,
  freshShare: 0.003,
  seeds: [],
  stays: [{ placeC: 21, hours: 30 }],
  ...change,
});
const BASE: WhatIfBase = {
  kind: 'poolish',
  recipe: PLAIN,
  state: plainState(requestState(poolish({}))),
  asks: 'prime',
  seedShare: null,
  hours: 30,
  speedLnSd: 0.1,
  shrink: 1,
  extraLnSd: 0,
  targetRise: null,
};

describe('anything that comes in is answered in finite numbers or refused by a code', () => {
  test('a recipe', () =>
    answersOrRefuses(
      (...[hydration = 0, massG = 0, saltShare = 0, sugarShare = 0, speed = 0, w = 0, d = 0]) =>
        recipe({
          hydration,
          massG,
          saltShare,
          sugarShare,
          speed,
          wholegrainShare: w,
          diastaticShare: d,
        }),
    ));
  test('a flat bag', () =>
    answersOrRefuses(
      (flatMm = 0, strengthW = 0) =>
        runConstants(recipe({ hydration: 0.6, massG: 500, flatMm, strengthW }), BOOK_MODEL)
          .coreLagH,
    ));
  test('a run', () =>
    answersOrRefuses((untilH = 0, ambientC = 0, stepH = 0) => {
      const stay = { untilH: Math.min(untilH, 40), ambientC };
      const run = simulate({ recipe: PLAIN, start: yeasted(), stays: [stay], stepH });
      return { states: run.states, rises: run.rises };
    }));
  test('fresh flour', () =>
    answersOrRefuses((_, tempC = 0) => freshFlourState(BOOK_MODEL, 0, tempC)));
  test('a mix', () =>
    answersOrRefuses((flourG = 0, waterG = 0) => {
      const parts = [{ flourG, waterG, state: yeasted() }];
      return blendStates(parts, 0.5);
    }));
  test('hand work', () =>
    answersOrRefuses((kept = 0, tension = 0) =>
      afterHandWork(yeasted(), kept, runConstants(PLAIN, BOOK_MODEL), tension),
    ));
  test('a culture’s cycle', () =>
    answersOrRefuses(
      (...[mother = 0, flour = 0, water = 0, tempC = 0, motherHydration = 0]) =>
        steadyCulture({ ratio: [mother, flour, water], tempC, motherHydration }),
      25,
    ));
  test('a portion', () =>
    answersOrRefuses((takenG = 0) => portion({ flour: 500, water: 500 }, takenG)));
  test('sums of a composition', () =>
    answersOrRefuses((flour = 0, water = 0) => {
      if (![flour, water].every(Number.isFinite)) return 0;
      return totals({ flour, water, sugar: 5 }, PANTRY);
    }));
  test('the temperature of a dough, and its water', () => {
    answersOrRefuses((...[flourG = 0, tempC = 0, waterG = 0, waterC = 0, mixingC = 0]) =>
      Number.isFinite(mixingC)
        ? doughTemperatureC(
            [{ flourG: Math.abs(flourG), waterG: 0, tempC }],
            { waterG: Math.abs(waterG), waterC },
            mixingC,
          )
        : 0,
    );
    answersOrRefuses((aimC = 0, tempC = 0, waterG = 0, tapC = 0) =>
      waterFor({
        aimC,
        parts: [{ flourG: 1000, waterG: 0, tempC }],
        waterG: Math.min(1e6, Math.abs(waterG) || 0),
        mixingC: 3,
        tapC,
      }),
    );
  });
  test('a dose on the scale', () =>
    answersOrRefuses((doseG = 0, stepG = 0, waterStepG = 0, waterG = 0) =>
      weighDose({ doseG, stepG, waterStepG, waterG }),
    ));
  test('a request with its band', () =>
    answersOrRefuses((freshShare = 0, startC = 0, placeC = 0) => {
      const request = poolish({ freshShare, startC, stays: [{ placeC, hours: 20 }] });
      const { window } = forecastRequest(request, seededNormal(1));
      return window;
    }, 12));
  test('an inversion', () =>
    answersOrRefuses(
      (least = 0, most = 0, wantedH = 0) =>
        invert(poolish({}), { of: 'dose', least, most }, wantedH),
      40,
    ));
  test('a what-if', () =>
    answersOrRefuses(
      (placeC = 0, dose = 0, seed = 0) =>
        whatIf(BASE, { placeC, dose, seedShare: seed > 0.5 ? seed : null }).window,
      30,
    ));
  test('a wish', () =>
    answersOrRefuses((wantedH = 0, least = 0, most = 0) => {
      const wish = { turns: 'dose', least, most, linear: false, wantedH } as const;
      return wishFor(BASE, { placeC: 21, dose: 1, seedShare: null }, wish);
    }, 40));
  test('a target rise', () =>
    answersOrRefuses((targetRise = 0) => {
      const run = simulate({
        recipe: PLAIN,
        start: yeasted(),
        stays: [{ untilH: 20, ambientC: 22 }],
      });
      return ripeWindow(run, { kind: 'balls', targetRise });
    }, 60));
  test('a learned quantity', () =>
    answersOrRefuses((value = 0, variance = 0) => {
      const seen = [{ atMs: 0, value, variance }];
      return learnQuantity({ mean: 0, sd: 1, weeklySd: 0.1 }, seen, 1);
    }));
});
