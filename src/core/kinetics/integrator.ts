import type { RunConstants } from './constants';
import { derivative, type Surroundings } from './derivative';
import { STATE_SIZE } from './state';

/** The surroundings of a core through one stay, with the length of its steps. */
export interface StepSurroundings extends Surroundings {
  stepH: number;
}

const zeros = () => new Float64Array(STATE_SIZE);
const y0 = zeros();
const probe = zeros();
const [k2, k3, k4] = [zeros(), zeros(), zeros()];
/** Rates of change now, and one, two and three steps ago. */
let now = zeros();
let once = zeros();
let twice = zeros();
let thrice = zeros();
/** How many steps of one length in a row the rates above are of; under four they do not carry. */
let known = 0;
let knownStepH = 0;

/** Steps that differ by less are of one length, share of a step. */
const SAME_STEP = 1e-6;
/** A core that follows faster than so many steps is left to the method that bears it. */
const FAST_CORE_STEPS = 2;

/** Forgets the rates of the steps before: a new run, or one that jumped. */
export function beginAnew(): void {
  known = 0;
}

/**
 * One step of a state, written behind it: by the fourth-order predictor and corrector of Adams, Bashforth and Moulton with
 * its error estimate taken off, two evaluations a step; where there are no four steps of one length to go by, by the
 * classical fourth-order method of Runge and Kutta.
 * Source: Hairer, Nørsett & Wanner, Solving Ordinary Differential Equations I, ch. III.1.
 * @param states rows of states; that at `from` is read, the next one written
 */
export function step(
  states: Float64Array,
  from: number,
  c: RunConstants,
  around: StepSurroundings,
): void {
  const { stepH } = around;
  if (Math.abs(stepH - knownStepH) > SAME_STEP * stepH) {
    known = 0;
    knownStepH = stepH;
  }
  const y = y0;
  const size = STATE_SIZE;
  for (let i = 0; i < size; i += 1) y[i] = states[from + i] as number;
  // Rates at the row itself: the corrector’s are of its surroundings, which may have changed since.
  derivative(y0, c, around, now);
  if (known >= 3 && around.coreLagH > FAST_CORE_STEPS * stepH) adamsStep(states, from, c, around);
  else rungeKuttaStep(states, from, c, around);
  const oldest = thrice;
  thrice = twice;
  twice = once;
  once = now;
  now = oldest;
  known += 1;
}

/** Share of what predictor and corrector differ by that the corrector is off. */
const OFF = 19 / 270;

function adamsStep(
  states: Float64Array,
  from: number,
  c: RunConstants,
  around: StepSurroundings,
): void {
  const h = around.stepH / 24;
  // Names of their own: those of the module are read again at each turn of a loop.
  const size = STATE_SIZE;
  const [y, guess, ahead] = [y0, probe, k2];
  const [f0, f1, f2, f3] = [now, once, twice, thrice];
  const to = from + size;
  for (let i = 0; i < size; i += 1) {
    const slope =
      55 * (f0[i] as number) -
      59 * (f1[i] as number) +
      37 * (f2[i] as number) -
      9 * (f3[i] as number);
    guess[i] = (y[i] as number) + h * slope;
  }
  derivative(guess, c, around, ahead);
  const off = OFF;
  for (let i = 0; i < size; i += 1) {
    const slope =
      9 * (ahead[i] as number) + 19 * (f0[i] as number) - 5 * (f1[i] as number) + (f2[i] as number);
    const corrected = (y[i] as number) + h * slope;
    states[to + i] = corrected - off * (corrected - (guess[i] as number));
  }
}

function rungeKuttaStep(
  states: Float64Array,
  from: number,
  c: RunConstants,
  around: StepSurroundings,
): void {
  const dt = around.stepH;
  advance(now, dt / 2);
  derivative(probe, c, around, k2);
  advance(k2, dt / 2);
  derivative(probe, c, around, k3);
  advance(k3, dt);
  derivative(probe, c, around, k4);
  for (let i = 0; i < STATE_SIZE; i += 1) {
    const slope =
      (now[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number);
    states[from + STATE_SIZE + i] = (y0[i] as number) + (dt / 6) * slope;
  }
}

function advance(k: Float64Array, dt: number): void {
  for (let i = 0; i < STATE_SIZE; i += 1) probe[i] = (y0[i] as number) + dt * (k[i] as number);
}
