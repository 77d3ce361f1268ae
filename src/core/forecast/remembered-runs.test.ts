import { BOOK_MODEL, freshFlourState, recipe, simulate, X } from '../kinetics';
import { forgetRuns, simulateOnce } from './remembered-runs';

function poolish(placeC: number, hours = 12) {
  const start = freshFlourState(BOOK_MODEL, 0, 21);
  start[X.yeastB] = 0.2;
  return {
    recipe: recipe({ hydration: 1, massG: 500 }),
    start,
    stays: [{ untilH: hours, ambientC: placeC }],
    model: BOOK_MODEL,
    stepH: 0.1,
  };
}

beforeEach(forgetRuns);

test('the same mass in the same places is run once, and is what a run of its own gives', () => {
  const once = simulateOnce(poolish(21));
  expect(simulateOnce(poolish(21))).toBe(once);
  expect(once.states).toEqual(simulate(poolish(21)).states);
});
test.each([
  ['another place', poolish(21.01)],
  ['other hours', poolish(21, 12.01)],
  ['another step', { ...poolish(21), stepH: 0.05 }],
  ['another recipe', { ...poolish(21), recipe: recipe({ hydration: 1, massG: 501 }) }],
  ['other walls', { ...poolish(21), stays: [{ untilH: 12, ambientC: 21, insulation: 2 }] }],
  ['another model', { ...poolish(21), model: { ...BOOK_MODEL } }],
])('%s is another run', (_what, other) => {
  const once = simulateOnce(poolish(21));
  expect(simulateOnce(other)).not.toBe(once);
});
test('another start is another run', () => {
  const other = poolish(21);
  other.start[X.gluten] = 0.99;
  expect(simulateOnce(other)).not.toBe(simulateOnce(poolish(21)));
});
test('what was asked for last is kept, the oldest goes', () => {
  const first = simulateOnce(poolish(20));
  const long = (n: number) => simulateOnce({ ...poolish(20 + n / 1000, 1000), stepH: 0.05 });
  for (let n = 1; n <= 8; n += 1) {
    long(n);
    simulateOnce(poolish(20));
  }
  const last = long(20);
  for (let n = 21; n < 60; n += 1) long(n);
  expect(simulateOnce(poolish(20))).not.toBe(first);
  expect(long(20)).not.toBe(last);
});
