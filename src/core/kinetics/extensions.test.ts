import fc from 'fast-check';
import {
  afterHandWork,
  BOOK_MODEL,
  freshFlourState,
  recipe,
  runConstants,
  simulate,
  STATE_SIZE,
  stateAtRow,
  TENSION_OF,
  X,
  type MassState,
  type Trajectory,
} from '.';

const dough = recipe({ hydration: 0.62, massG: 280, saltShare: 0.028 });

function yeasted(tempC: number, yeast = 0.4): MassState {
  const state = freshFlourState(BOOK_MODEL, 0, tempC);
  state[X.yeastB] = yeast;
  state[X.yeastW] = yeast;
  state[X.awakeB] = 8;
  state[X.awakeW] = 8;
  state[X.bacteria] = 0.1;
  return state;
}
const last = (run: Trajectory) => stateAtRow(run, run.length - 1);
const stand = (start: MassState, ambientC: number, hours: number, of = dough) =>
  simulate({ recipe: of, start, stays: [{ untilH: hours, ambientC }] });
const hourBelow = (run: Trajectory, tempC: number) => {
  for (let row = 0; row < run.length; row += 1) {
    if (run.states[row * STATE_SIZE + X.coreC]! < tempC) return run.hours[row]!;
  }
  return Infinity;
};

describe('frost', () => {
  test('the latent heat holds the core between −2 and −6 °C as long as the heat balance says', () => {
    const run = stand(yeasted(4), -18, 24);
    const heldH = hourBelow(run, -6) - hourBelow(run, -2);
    // With water that does not freeze the same stretch takes ln(16/12) of the lag.
    const lag = run.constants.coreLagH;
    const perKelvin = 1.8 + 4.18 * 0.62;
    const factor = 1 + (334 * 0.62) / 4 / perKelvin;
    expect(heldH).toBeCloseTo(lag * Math.log(16 / 12) * factor, 0);
    expect(heldH).toBeGreaterThan(3);
  });
  test('seven tenths of baker’s and half of sourdough yeast survive, a tenth less each month', () => {
    const alive = last(stand(yeasted(4), -18, 24));
    const before = last(stand(yeasted(4), 4, 0.5));
    expect(alive[X.yeastB]! / before[X.yeastB]!).toBeCloseTo(0.7, 1);
    expect(alive[X.yeastW]! / before[X.yeastW]!).toBeCloseTo(0.5, 1);
    const later = last(stand(alive, -18, 730));
    expect(later[X.yeastB]! / alive[X.yeastB]!).toBeCloseTo(0.9, 3);
    expect(later[X.yeastW]! / alive[X.yeastW]!).toBeCloseTo(0.9, 3);
  });
  test('thawing kills nothing again, a second freezing does', () => {
    const frozen = last(stand(yeasted(4), -18, 24));
    const thawed = last(stand(frozen, 4, 24));
    expect(thawed[X.yeastB]!).toBeGreaterThan(frozen[X.yeastB]! * 0.98);
    const again = last(stand(thawed, -18, 24));
    expect(again[X.yeastB]!).toBeLessThan(0.78 * thawed[X.yeastB]!);
  });
  test('nothing ferments, breaks down or leaves under −4 °C', () => {
    const frozen = last(stand(yeasted(4), -18, 24));
    const later = last(stand(frozen, -18, 200));
    for (const i of [X.gasMade, X.acid, X.sugar, X.starch, X.gluten] as const) {
      expect(later[i]).toBeCloseTo(frozen[i]!, 9);
    }
  });
  test('a flat bag freezes by its thickness, whatever it weighs', () => {
    const flat = (flatMm: number, massG: number) => ({ ...dough, massG, flatMm });
    const lag = (flatMm: number, massG: number) =>
      runConstants(flat(flatMm, massG), BOOK_MODEL).coreLagH;
    expect(lag(20, 500)).toBe(lag(20, 2000));
    expect(lag(40, 500)).toBeCloseTo(4 * lag(20, 500), 9);
    expect(hourBelow(stand(yeasted(20), -18, 40, flat(20, 1000)), -6)).toBeLessThan(
      hourBelow(stand(yeasted(20), -18, 40, { ...dough, massG: 1000 }), -6),
    );
  });
});

describe('tension', () => {
  const tensionAfter = (minutes: number, tempC: number, change = {}, acid = 0) => {
    const state = freshFlourState(BOOK_MODEL, 0, tempC);
    state[X.tension] = 1;
    state[X.acid] = acid;
    return last(stand(state, tempC, minutes / 60, { ...dough, ...change }))[X.tension]!;
  };
  test('halves in about 25 minutes at 22 °C, twice as fast ten degrees warmer', () => {
    expect(tensionAfter(25, 22, { hydration: 0.6 })).toBeCloseTo(0.5, 2);
    expect(tensionAfter(12.5, 32, { hydration: 0.6 })).toBeCloseTo(0.5, 1);
    expect(tensionAfter(25, 12, { hydration: 0.6 })).toBeCloseTo(Math.SQRT1_2, 1);
  });
  test('lets go faster when acid or wet', () => {
    expect(tensionAfter(25, 22, {}, 60)).toBeLessThan(tensionAfter(25, 22));
    expect(tensionAfter(25, 22, { hydration: 0.8 })).toBeLessThan(tensionAfter(25, 22));
  });
  test('balling a strong flour leaves more, folds add up to the most a skin carries', () => {
    const at = (strengthW: number, times: number) => {
      let state = freshFlourState(BOOK_MODEL, 0, 22);
      const constants = runConstants({ ...dough, strengthW }, BOOK_MODEL);
      for (let i = 0; i < times; i += 1) {
        state = afterHandWork(state, 0.8, constants, TENSION_OF.ball);
      }
      return state[X.tension]!;
    };
    expect(at(280, 1)).toBeCloseTo(1, 9);
    expect(at(350, 1)).toBeCloseTo(1.25, 9);
    expect(at(280, 20)).toBe(2);
  });
});

describe('malt, sugar and heat', () => {
  test('diastatic malt makes sugar from starch faster, and nothing else', () => {
    const plain = runConstants(dough, BOOK_MODEL);
    const malted = runConstants({ ...dough, diastaticShare: 0.01 }, BOOK_MODEL);
    expect(malted.starchRate / plain.starchRate).toBeCloseTo(1.6, 9);
    expect({ ...malted, starchRate: 0 }).toEqual({ ...plain, starchRate: 0 });
  });
  test('at 50 °C a tenth is alive after ten minutes, at 45 °C after a hundred', () => {
    const alive = (tempC: number, minutes: number) => {
      const start = yeasted(45);
      start[X.coreC] = tempC;
      const run = stand(start, tempC, minutes / 60, { ...dough, massG: 5 });
      return last(run)[X.yeastB]! / start[X.yeastB]!;
    };
    expect(Math.log10(alive(50, 10))).toBeCloseTo(-1, 1);
    expect(Math.log10(alive(45, 100))).toBeCloseTo(-1, 0);
    expect(alive(40, 10)).toBeGreaterThan(0.99);
  });
  test('starved yeast loses activity, the faster the warmer', () => {
    const starved = (tempC: number) => {
      const start = yeasted(tempC);
      start[X.sugar] = 0;
      start[X.starch] = 0;
      return last(stand(start, tempC, 48))[X.yeastB]! / start[X.yeastB]!;
    };
    expect(starved(4)).toBeLessThan(1);
    expect(starved(25)).toBeLessThan(starved(4));
    expect(starved(25)).toBeGreaterThan(0.3);
  });
  test('a longer rest in the fridge never makes the next feed earlier', () => {
    const rested = (hours: number) => {
      const ripe = last(stand(yeasted(24), 24, 12, recipe({ hydration: 1, massG: 300 })));
      return last(stand(ripe, 4, hours, recipe({ hydration: 1, massG: 300 })));
    };
    const peakH = (mother: MassState) => {
      const start = freshFlourState(BOOK_MODEL, 0, 24);
      for (const i of [X.yeastB, X.yeastW, X.bacteria, X.acid, X.sugar, X.starch] as const) {
        start[i] = (5 / 6) * start[i]! + (1 / 6) * mother[i]!;
      }
      start[X.awakeB] = mother[X.awakeB]!;
      start[X.awakeW] = mother[X.awakeW]!;
      const run = stand(start, 24, 40, recipe({ hydration: 1, massG: 300 }));
      for (let row = 0; row < run.length; row += 1) {
        if (run.states[row * STATE_SIZE + X.sugar]! < 0.3) return run.hours[row]!;
      }
      return Infinity;
    };
    let before = 0;
    for (const hours of [6, 24, 72, 168, 336]) {
      const next = peakH(rested(hours));
      expect(next).toBeGreaterThanOrEqual(before - 0.051);
      before = next;
    }
  });
  test('whatever is frozen, thawed and worked stays finite and non-negative', () => {
    const temp = fc.integer({ min: -25, max: 38 });
    fc.assert(
      fc.property(fc.array(temp, { minLength: 1, maxLength: 6 }), (places) => {
        let state = yeasted(20);
        const constants = runConstants(dough, BOOK_MODEL);
        for (const ambientC of places) {
          state = last(stand(state, ambientC, 7));
          state = afterHandWork(state, 0.5, constants, TENSION_OF.fold);
          expect(state.every(Number.isFinite)).toBe(true);
          for (const i of [X.yeastB, X.yeastW, X.bacteria, X.gasHeld, X.tension] as const) {
            expect(state[i]).toBeGreaterThanOrEqual(0);
          }
          expect(state[X.sugar]).toBeGreaterThanOrEqual(-1e-6);
        }
      }),
      { numRuns: 40 },
    );
  });
});
