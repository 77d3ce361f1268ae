import {
  BOOK_MODEL,
  freshFlourState,
  recipe,
  simulate,
  STATE_SIZE,
  stateAtRow,
  X,
} from '@/core/kinetics';
import { ripeWindow } from '@/core/ripeness';
import { stateByOdex } from './by-odex';

const HALF_MINUTE_H = 0.5 / 60;

/** A poolish, and the hour at which its sugar is exhausted by our own integrator. */
function poolish(yeast: number, tempC: number) {
  const start = freshFlourState(BOOK_MODEL, 0, tempC);
  start[X.yeastB] = yeast;
  const mass = { recipe: recipe({ hydration: 1, massG: 500 }), start, ambientC: tempC };
  const run = simulate({ ...mass, stays: [{ untilH: 40, ambientC: tempC }] });
  const sugar = (row: number) => run.states[row * STATE_SIZE + X.sugar]!;
  let row = 1;
  while (sugar(row) >= 0.3) row += 1;
  const share = (sugar(row - 1) - 0.3) / (sugar(row - 1) - sugar(row));
  const exhaustedH = run.hours[row - 1]! + share * (run.hours[row]! - run.hours[row - 1]!);
  return { mass, run, exhaustedH };
}

test.each([
  [0.2, 18],
  [0.45, 21],
  [0.9, 24],
  [0.5, 28],
])(
  'an independent solver exhausts the sugar of %p %% at %p °C within half a minute of ours',
  (yeast, tempC) => {
    const { mass, exhaustedH } = poolish(yeast, tempC);
    const sugarAt = (hour: number) => stateByOdex(mass, hour, 1e-8)[X.sugar]!;
    expect(sugarAt(exhaustedH - HALF_MINUTE_H)).toBeGreaterThan(0.3);
    expect(sugarAt(exhaustedH + HALF_MINUTE_H)).toBeLessThan(0.3);
  },
);

test('and agrees on every quantity a day later', () => {
  const { mass, run } = poolish(0.45, 21);
  const ours = stateAtRow(run, run.length - 1);
  const theirs = stateByOdex(mass, 40, 1e-9);
  ours.forEach((value, index) => {
    // Adaptation is cut off where a yeast is fully awake: a corner no solver meets alike.
    if (index === X.awakeB || index === X.awakeW) return;
    expect(Math.abs(value - theirs[index]!)).toBeLessThan(2e-4 * Math.max(1, Math.abs(value)));
  });
  expect(ripeWindow(run, { kind: 'poolish' }).bestH).not.toBeNull();
});

test('longer steps in the cold tell the same hours as short ones throughout, in half as many', () => {
  const start = freshFlourState(BOOK_MODEL, 0, 22);
  start[X.yeastB] = 0.3;
  const mass = { recipe: recipe({ hydration: 0.62, massG: 270, saltShare: 0.025 }), start };
  const stays = [
    { untilH: 1.5, ambientC: 22 },
    { untilH: 49.5, ambientC: 4 },
    { untilH: 72, ambientC: 21 },
  ];
  const [wide, even] = [false, true].map((evenSteps) => simulate({ ...mass, stays, evenSteps }));
  const [is, was] = [wide!, even!].map((run) => ripeWindow(run, { kind: 'balls' }));
  for (const edge of ['opensH', 'bestH', 'closesH'] as const) {
    expect(Math.abs(is![edge]! - was![edge]!)).toBeLessThan(HALF_MINUTE_H / 5);
  }
  expect(wide!.length / even!.length).toBeLessThan(0.55);
});
