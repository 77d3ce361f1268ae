import fc from 'fast-check';
import { simulate, stateAtRow, recipe, X } from '../kinetics';
import { doubtfulRequest } from './request-band';
import { windowBand } from './band';
import { fed, yeasted } from './calibration/cases';
import { NO_DOUBT, type Doubt } from './doubt';
import { invert, withUnknown } from './invert';
import { readRequest, requestState, runRequest, type MassRequest } from './mass-request';

const bestH = (request: MassRequest) => readRequest(request, runRequest(request, NO_DOUBT)).bestH!;
const starter = (k: number, placeC: number) => fed({ kind: 'starter', ratio: [1, k, k], placeC });
const poolish = (freshPct: number, tempC: number) =>
  yeasted({ kind: 'poolish', freshPct, startC: tempC });

describe('a fed starter', () => {
  test.each([
    [2, 24],
    [3, 24],
    [5, 24],
    [8, 24],
    [5, 22],
    [5, 26],
  ])('1:%p at %p °C peaks as the closed form says, within a fifth', (k, tempC) => {
    // t = ln((1−x)/x·0.98+1)/μ, μ = 0.252/h at 24 °C with a Q10 of 2.45; x the mother's share of the flour.
    const x = 0.5 / (0.5 + k);
    const rate = 0.252 * 2.45 ** ((tempC - 24) / 10);
    const closedH = Math.log(((1 - x) / x) * 0.98 + 1) / rate;
    expect(Math.abs(Math.log(bestH(starter(k, tempC)) / closedH))).toBeLessThan(0.2);
  });
  test('more feed is later, a warmer place earlier', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 16, max: 28 }), (k, placeC) => {
        expect(bestH(starter(k + 1, placeC))).toBeGreaterThan(bestH(starter(k, placeC)));
        expect(bestH(starter(k, placeC + 1.5))).toBeLessThan(bestH(starter(k, placeC)));
      }),
      { numRuns: 12 },
    );
  });
});

test('scaling every weight changes nothing but the lag of the core', () => {
  const base = poolish(0.4, 21);
  const scaled = { ...base, recipe: { ...base.recipe, massG: base.recipe.massG * 7 } };
  expect(Array.from(requestState(scaled))).toEqual(Array.from(requestState(base)));
  const stay = [{ untilH: 12, ambientC: 21 }];
  const flat = (massG: number) =>
    simulate({
      recipe: recipe({ hydration: 1, massG, flatMm: 30 }),
      start: requestState(base),
      stays: stay,
    });
  const [light, heavy] = [flat(100), flat(9000)];
  expect(Array.from(heavy.rises)).toEqual(Array.from(light.rises));
});

test('the dose that was forecast is the dose that is found', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 1.2, noNaN: true }),
      fc.integer({ min: 17, max: 26 }),
      (freshPct, tempC) => {
        const known = poolish(freshPct, tempC);
        const answer = invert(known, { of: 'dose', least: 0.0002, most: 0.03 }, bestH(known));
        if (answer.kind !== 'found') throw new Error('it was forecast');
        expect(Math.abs(Math.log((answer.value * 100) / freshPct))).toBeLessThan(0.01);
        expect(
          bestH(withUnknown(known, { of: 'dose', least: 0, most: 1 }, answer.value)),
        ).toBeCloseTo(bestH(known), 1);
      },
    ),
    { numRuns: 10 },
  );
});

test('a band widens with the doubt of any input', () => {
  const request = poolish(0.4, 21);
  const lot = doubtfulRequest(request);
  const base = readRequest(request, runRequest(request, NO_DOUBT));
  const widthWith = (input: keyof Doubt, factor: number) => {
    const stretched = (doubt: Doubt): Doubt => ({
      ...doubt,
      [input]: NO_DOUBT[input] === 0 ? doubt[input] * factor : doubt[input] ** factor,
    });
    const [early, late] = windowBand(base, {
      ...lot,
      run: (doubt) => lot.run(stretched(doubt)),
    })!.bestH!;
    return late - early;
  };
  for (const input of Object.keys(NO_DOUBT) as (keyof Doubt)[]) {
    expect({ input, wider: widthWith(input, 2) >= widthWith(input, 1) - 1e-3 }).toEqual({
      input,
      wider: true,
    });
  }
});

test('gluten only comes with new flour', () => {
  const run = runRequest(starter(5, 24), NO_DOUBT);
  let before = 1;
  for (let row = 0; row < run.length; row += 5) {
    const gluten = stateAtRow(run, row)[X.gluten]!;
    expect(gluten).toBeLessThanOrEqual(before + 1e-12);
    before = gluten;
  }
});
