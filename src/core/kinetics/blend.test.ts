import { DomainError } from '../units';
import {
  afterHandWork,
  blendStates,
  BOOK_MODEL,
  freshFlourState,
  recipe,
  runConstants,
  steadyCulture,
  X,
} from '.';

const state = (coreC: number, yeast: number) => {
  const one = freshFlourState(BOOK_MODEL, 0, coreC);
  one[X.yeastB] = yeast;
  return one;
};

test('mixing is the flour-weighted mean, heat by balance', () => {
  const mixed = blendStates(
    [
      { flourG: 300, waterG: 300, state: state(20, 3) },
      { flourG: 700, waterG: 350, state: state(10, 0) },
    ],
    0.6,
  );
  expect(mixed[X.yeastB]).toBeCloseTo(0.9, 12);
  // (1.8·300 + 4.18·300)·20 + (1.8·700 + 4.18·350)·10 over their heat capacities.
  expect(mixed[X.coreC]).toBeCloseTo((1794 * 20 + 2723 * 10) / 4517, 9);
});

test('mixing with nothing changes nothing, and mixing is associative', () => {
  const [a, b, c] = [state(20, 1), state(24, 2), state(8, 0.5)];
  const part = (flourG: number, one: Float64Array) => ({
    flourG,
    waterG: flourG * 0.6,
    state: one,
  });
  const alone = blendStates([part(100, a), part(0, b)], 1);
  alone.forEach((value, index) => expect(value).toBeCloseTo(a[index] ?? NaN, 12));
  const left = blendStates(
    [part(300, blendStates([part(100, a), part(200, b)], 1)), part(50, c)],
    1,
  );
  const right = blendStates(
    [part(100, a), part(250, blendStates([part(200, b), part(50, c)], 1))],
    1,
  );
  left.forEach((value, index) => expect(value).toBeCloseTo(right[index] ?? NaN, 9));
});

test('a mix without flour is refused', () => {
  expect(() => blendStates([{ flourG: 0, waterG: 10, state: state(20, 0) }], 1)).toThrow(
    DomainError,
  );
});

test('hand work keeps the dissolved gas and the share of bubbles asked for', () => {
  const constants = runConstants(recipe({ hydration: 0.65, massG: 250 }), BOOK_MODEL);
  const risen = state(24, 1);
  risen[X.gasHeld] = 2.5;
  const all = afterHandWork(risen, 1, constants)[X.gasHeld] ?? NaN;
  const none = afterHandWork(risen, 0, constants)[X.gasHeld] ?? NaN;
  expect(all).toBeCloseTo(2.5, 12);
  expect(none).toBeGreaterThan(0.1);
  expect(none).toBeLessThan(1.2);
  expect(() => afterHandWork(risen, 1.2, constants)).toThrow('Gas kept');
});

test('repeated feeding reaches a steady cycle with bacteria alive', () => {
  for (const tempC of [18, 25, 30]) {
    const mother = steadyCulture({ ratio: [1, 5, 5], tempC, motherHydration: 1 });
    expect(mother[X.bacteria]).toBeGreaterThan(0.2);
    expect(mother[X.yeastW]).toBeGreaterThan(2);
  }
  const at25 = steadyCulture({ ratio: [1, 5, 5], tempC: 25, motherHydration: 1 });
  expect(at25[X.yeastW]).toBeGreaterThan(2.6);
  expect(at25[X.yeastW]).toBeLessThan(3.7);
  expect(at25[X.acid]).toBeGreaterThan(58);
  expect(at25[X.acid]).toBeLessThan(80);
});
