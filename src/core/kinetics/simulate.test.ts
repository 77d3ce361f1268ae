import fc from 'fast-check';
import { firstFall, firstRise } from '../ripeness';
import { DomainError } from '../units';
import {
  BOOK_MODEL,
  freshFlourState,
  recipe,
  simulate,
  STATE_SIZE,
  stateAtRow,
  X,
  type MassState,
  type Stay,
  type Trajectory,
} from '.';

interface Case {
  readonly hydration?: number;
  readonly saltShare?: number;
  readonly yeast: number;
  readonly massG?: number;
  readonly tempC: number;
  readonly stays?: readonly Stay[];
  readonly stepH?: number;
}

function start(yeast: number, tempC: number): MassState {
  const state = freshFlourState(BOOK_MODEL, 0, tempC);
  state[X.yeastB] = yeast;
  return state;
}

function run(one: Case): Trajectory {
  return simulate({
    recipe: recipe({
      hydration: one.hydration ?? 1,
      massG: one.massG ?? 500,
      saltShare: one.saltShare ?? 0,
    }),
    start: start(one.yeast, one.tempC),
    stays: one.stays ?? [{ untilH: 40, ambientC: one.tempC }],
    ...(one.stepH === undefined ? {} : { stepH: one.stepH }),
  });
}

const quantity = (result: Trajectory, index: number) => ({
  hours: result.hours,
  length: result.length,
  at: (row: number) => result.states[row * STATE_SIZE + index] ?? NaN,
});
const exhaustedH = (result: Trajectory) => firstFall(quantity(result, X.sugar), 0.3) ?? Infinity;
const riseH = (result: Trajectory, level: number) =>
  firstRise(
    { hours: result.hours, length: result.length, at: (row) => result.rises[row] ?? 0 },
    level,
  ) ?? Infinity;
const last = (result: Trajectory) => stateAtRow(result, result.length - 1);

describe('poolish and dough against the trade’s rules', () => {
  const poolish: readonly [number, number, number, number][] = [
    [0.85, 21, 6, 10],
    [0.45, 21, 9, 15],
    [0.18, 21, 12, 20],
    [0.7, 24, 6.5, 7.5],
    [0.1, 24, 12.5, 14.5],
  ];
  test.each(poolish)(
    'poolish with %p %% at %p °C is best in its band',
    (yeast, tempC, low, high) => {
      const hours = exhaustedH(run({ yeast, tempC }));
      expect(hours).toBeGreaterThan(low);
      expect(hours).toBeLessThan(high);
    },
  );

  test('a short dough doubles in an hour and three quarters', () => {
    const dough = run({ yeast: 2, tempC: 25, hydration: 0.62, saltShare: 0.025, massG: 1000 });
    expect(riseH(dough, 2)).toBeGreaterThan(1.3);
    expect(riseH(dough, 2)).toBeLessThan(1.8);
  });

  test('a ball follows the fridge with a lag of 1 to 1.5 h, three kilos with 4 to 6 h', () => {
    const lag = (massG: number) => {
      const stays = [{ untilH: 12, ambientC: 4 }];
      const result = run({ yeast: 0.01, tempC: 22, massG, hydration: 0.62, stays });
      return firstFall(quantity(result, X.coreC), 4 + 18 / Math.E) ?? Infinity;
    };
    expect(lag(280)).toBeGreaterThan(1);
    expect(lag(280)).toBeLessThan(1.5);
    expect(lag(3000)).toBeGreaterThan(4);
    expect(lag(3000)).toBeLessThan(6);
  });

  test('the closed form for a poolish at constant temperature agrees within 15 %', () => {
    for (const yeast of [0.1, 0.2, 0.4, 0.8]) {
      const closed = Math.log(1 + (0.236 * 11.2) / yeast) / 0.236;
      expect(exhaustedH(run({ yeast, tempC: 24 })) / closed).toBeGreaterThan(0.85);
      expect(exhaustedH(run({ yeast, tempC: 24 })) / closed).toBeLessThan(1.15);
    }
  });
});

describe('properties', () => {
  const tempC = fc.double({ min: 12, max: 29, noNaN: true });
  const yeast = fc.double({ min: 0.05, max: 2, noNaN: true });
  const stays = fc.array(
    fc.record({
      hours: fc.double({ min: 0.3, max: 9, noNaN: true }),
      ambientC: fc.double({ min: -3, max: 35, noNaN: true }),
    }),
    { minLength: 1, maxLength: 5 },
  );
  const asStays = (moves: readonly { hours: number; ambientC: number }[]): Stay[] => {
    let untilH = 0;
    return moves.map((move) => ({ untilH: (untilH += move.hours), ambientC: move.ambientC }));
  };

  test('a warmer room is never later', () => {
    fc.assert(
      fc.property(tempC, yeast, fc.double({ min: 0.1, max: 1, noNaN: true }), (at, dose, by) => {
        const cool = run({ yeast: dose, tempC: at });
        expect(exhaustedH(run({ yeast: dose, tempC: at + by }))).toBeLessThanOrEqual(
          exhaustedH(cool),
        );
      }),
      { numRuns: 40 },
    );
  });

  test('a higher dose is never later, more salt never earlier', () => {
    fc.assert(
      fc.property(tempC, yeast, fc.double({ min: 1.01, max: 2, noNaN: true }), (at, dose, by) => {
        const plain = exhaustedH(run({ yeast: dose, tempC: at }));
        expect(exhaustedH(run({ yeast: dose * by, tempC: at }))).toBeLessThanOrEqual(plain);
        const salted = exhaustedH(run({ yeast: dose, tempC: at, saltShare: 0.01 * by }));
        expect(salted).toBeGreaterThanOrEqual(plain);
      }),
      { numRuns: 40 },
    );
  });

  test('sugar and gas balance to 1e-9 under moves', () => {
    fc.assert(
      fc.property(stays, yeast, (moves, dose) => {
        const from = start(dose, 22);
        const result = run({ yeast: dose, tempC: 22, hydration: 0.65, stays: asStays(moves) });
        const end = last(result);
        const carbon = (s: MassState) =>
          (s[X.sugar] ?? 0) +
          (s[X.starch] ?? 0) +
          (s[X.gasOfYeast] ?? 0) / BOOK_MODEL.gam +
          BOOK_MODEL.sL * (s[X.acidOfBacteria] ?? 0);
        expect(Math.abs(carbon(end) - carbon(from))).toBeLessThan(1e-9);
        const gas = (end[X.gasHeld] ?? 0) + (end[X.gasLost] ?? 0) - (end[X.gasMade] ?? 0);
        expect(Math.abs(gas)).toBeLessThan(1e-9);
        expect(end[X.gasLost]).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 60 },
    );
  });

  test('random histories stay finite and non-negative, gluten never rises', () => {
    fc.assert(
      fc.property(stays, yeast, (moves, dose) => {
        const result = run({ yeast: dose, tempC: 20, saltShare: 0.02, stays: asStays(moves) });
        for (let row = 0; row < result.length; row += 7) {
          const state = stateAtRow(result, row);
          state.forEach((value, index) => {
            expect(Number.isFinite(value)).toBe(true);
            if (index !== X.awakeB && index !== X.awakeW && index !== X.coreC) {
              expect(value).toBeGreaterThan(-1e-6);
            }
          });
          expect(state[X.gluten]).toBeLessThanOrEqual(1);
        }
      }),
      { numRuns: 40 },
    );
  });

  test('a and b hours are a, then b', () => {
    const whole = run({
      yeast: 0.4,
      tempC: 22,
      stays: [
        { untilH: 5, ambientC: 22 },
        { untilH: 12, ambientC: 8 },
      ],
    });
    const first = run({ yeast: 0.4, tempC: 22, stays: [{ untilH: 5, ambientC: 22 }] });
    const second = simulate({
      recipe: recipe({ hydration: 1, massG: 500 }),
      start: last(first),
      stays: [{ untilH: 7, ambientC: 8 }],
    });
    last(second).forEach((value, index) => expect(value).toBeCloseTo(last(whole)[index] ?? NaN, 9));
  });

  test('without yeast or culture nothing rises within a day (then the flour’s own bacteria wake)', () => {
    const result = run({ yeast: 0, tempC: 24, stays: [{ untilH: 24, ambientC: 24 }] });
    expect(Math.max(...result.rises)).toBeLessThan(1.05);
  });

  test('halved steps change the best hour by less than half a minute', () => {
    for (const tempC of [15, 21, 27]) {
      const coarse = exhaustedH(run({ yeast: 0.6, tempC }));
      const fine = exhaustedH(run({ yeast: 0.6, tempC, stepH: 0.01 }));
      expect(Math.abs(coarse - fine) * 60).toBeLessThan(0.5);
    }
  });

  test('the core stays between ambient and start, but for its own warmth', () => {
    const result = run({ yeast: 0.5, tempC: 24, stays: [{ untilH: 30, ambientC: 6 }] });
    for (let row = 0; row < result.length; row += 1) {
      const coreC = stateAtRow(result, row)[X.coreC] ?? NaN;
      expect(coreC).toBeGreaterThan(5.9);
      expect(coreC).toBeLessThan(26);
    }
  });
});

describe('refusals', () => {
  const code = (act: () => unknown): string => {
    try {
      act();
    } catch (error) {
      if (error instanceof DomainError) return error.code;
      throw error;
    }
    return 'accepted';
  };
  test.each([
    ['run-no-stay', () => run({ yeast: 1, tempC: 20, stays: [] })],
    ['place-temperature', () => run({ yeast: 1, tempC: 20, stays: [{ untilH: 1, ambientC: 61 }] })],
    [
      'place-temperature',
      () => run({ yeast: 1, tempC: 20, stays: [{ untilH: 1, ambientC: NaN }] }),
    ],
    ['run-order', () => run({ yeast: 1, tempC: 20, stays: [{ untilH: 0, ambientC: 20 }] })],
    ['step-range', () => run({ yeast: 1, tempC: 20, stepH: 0.5 })],
    ['temperature-range', () => run({ yeast: 1, tempC: 60 })],
    ['recipe-hydration', () => run({ yeast: 1, tempC: 20, hydration: NaN })],
    ['recipe-saltShare', () => run({ yeast: 1, tempC: 20, saltShare: -0.1 })],
    ['recipe-massG', () => run({ yeast: 1, tempC: 20, massG: 0 })],
  ])('%s', (expected, act) => {
    expect(code(act)).toBe(expected);
  });
});
