import { runConstants, type RunConstants } from './constants';
import { beginAnew, step, type StepSurroundings } from './integrator';
import { BOOK_MODEL } from './parameters';
import { readTable, T, tablePosition } from './temperature-response';
import { riseOf } from './rise';
import { STATE_SIZE, X, type MassState } from './state';
import { type Stay, type Run, DEFAULT_STEP_H } from './run';
import { checkRun } from './check-run';

/** The states of a run at its steps; row i of `states` begins at i × STATE_SIZE. */
export interface Trajectory {
  readonly length: number;
  readonly hours: Float64Array;
  readonly states: Float64Array;
  /** Rise, × the volume just mixed. */
  readonly rises: Float64Array;
  readonly constants: RunConstants;
}

/** A place so much warmer or colder than the one before is another one: the core turns at once, °C. */
const OTHER_PLACE_C = 1;

/**
 * Ripens a mass: integrates its state through its places by a fourth-order method, steps split where the place changes and
 * longer in the cold. Deterministic.
 * @throws {DomainError} run-no-stay, run-order, run-too-long, place-temperature, step-range
 */
export function simulate(run: Run): Trajectory {
  checkRun(run);
  const model = run.model ?? BOOK_MODEL;
  const constants = runConstants(run.recipe, model);
  const stepH = run.stepH ?? DEFAULT_STEP_H;
  const most = 1 + countSteps(run.stays, stepH);
  const hours = new Float64Array(most);
  const states = new Float64Array(most * STATE_SIZE);
  const rises = new Float64Array(most);
  states.set(run.start, 0);
  rises[0] = riseAt(states, 0, constants);
  const around: StepSurroundings = { ambientC: 0, coreLagH: 1, stepH: stepH };
  let row = 0;
  let fromH = 0;
  beginAnew();
  for (const stay of run.stays) {
    if (stay.frozenThrough === true) {
      beginAnew();
      frozenStep(states, row * STATE_SIZE, constants, stay.untilH - fromH);
      row += 1;
      hours[row] = stay.untilH;
      rises[row] = riseAt(states, row, constants);
      fromH = stay.untilH;
      continue;
    }
    enter(stay, around, constants);
    // What is left over by a finer step than a thousandth is no step.
    while (stay.untilH - fromH > stepH / 1000) {
      const warmestC = Math.max(stay.ambientC, states[row * STATE_SIZE + X.coreC] as number);
      const leftH = stay.untilH - fromH;
      const short = run.evenSteps === true || freezes(stay.ambientC, warmestC);
      const hunger = states[row * STATE_SIZE + X.hunger] as number;
      const wantedH = short ? stepH : stepAt(calmC(warmestC, hunger), stepH);
      if (freezes(stay.ambientC, warmestC)) beginAnew();
      around.stepH = leftH / Math.ceil(leftH / wantedH - 1e-9);
      step(states, row * STATE_SIZE, constants, around);
      row += 1;
      fromH = leftH <= wantedH * (1 + 1e-9) ? stay.untilH : fromH + around.stepH;
      hours[row] = fromH;
      rises[row] = riseAt(states, row, constants);
    }
    fromH = stay.untilH;
  }
  const length = row + 1;
  if (length === most) return { length, hours, states, rises, constants };
  return {
    length,
    hours: hours.slice(0, length),
    states: states.slice(0, length * STATE_SIZE),
    rises: rises.slice(0, length),
    constants,
  };
}

/** The surroundings of a stay. */
function enter(stay: Stay, around: StepSurroundings, constants: RunConstants): void {
  if (Math.abs(stay.ambientC - around.ambientC) > OTHER_PLACE_C) beginAnew();
  around.ambientC = stay.ambientC;
  around.coreLagH = constants.coreLagH * (stay.insulation ?? 1);
}

/** Temperatures at and under which a mass moves so slowly that a longer step is as good, °C, with the longest one, h. */
const COOL = { atC: 13, mostH: 0.1 } as const;
const COLD = { atC: 8, mostH: 0.2 } as const;

/**
 * Hunger past which a mass is of no use to anybody, h at 22 °C: every window has closed and what is left of it fades slowly, so
 * that it takes the steps of a cellar, up to the warmth of a summer's day.
 */
const SPENT_HUNGER = 2.5;
const WARMEST_CALM_C = 32;

/** The warmth by which a mass takes its steps, °C: what is spent moves as slowly as in a cellar. */
const calmC = (warmestC: number, hunger: number): number =>
  hunger > SPENT_HUNGER && warmestC <= WARMEST_CALM_C ? Math.min(COOL.atC, warmestC) : warmestC;

/** Under so much nothing moves any more, above so much no water freezes, °C. */
const FREEZING = { fromC: 0, throughC: -8 } as const;

/** True while the core goes through freezing or thawing, where the heat of the ice holds it. */
const freezes = (ambientC: number, warmestC: number): boolean =>
  ambientC < FREEZING.fromC && warmestC > FREEZING.throughC;

/** The step where neither core nor place is warmer than a temperature. */
function stepAt(warmestC: number, stepH: number): number {
  if (warmestC <= COLD.atC) return Math.max(stepH, COLD.mostH);
  return warmestC <= COOL.atC ? Math.max(stepH, COOL.mostH) : stepH;
}

/** Months in the cold in one step: of what is alive so much dies each month, all else waits. */
function frozenStep(states: Float64Array, from: number, c: RunConstants, hours: number): void {
  const to = from + STATE_SIZE;
  for (let i = 0; i < STATE_SIZE; i += 1) states[to + i] = states[from + i] as number;
  const at = tablePosition(states[from + X.coreC] as number);
  const alive = Math.exp(-readTable(c.table, T.frozenLoss, at) * hours);
  for (const i of [X.yeastB, X.yeastW, X.bacteria])
    states[to + i] = (states[to + i] as number) * alive;
}

/** Copies one row of a trajectory into a state of its own. */
export function stateAtRow(trajectory: Trajectory, row: number): MassState {
  return trajectory.states.slice(row * STATE_SIZE, (row + 1) * STATE_SIZE);
}

function riseAt(states: Float64Array, row: number, c: RunConstants): number {
  const at = row * STATE_SIZE;
  return riseOf(states[at + X.gasHeld] as number, states[at + X.coreC] as number, c);
}

function stepsIn(fromH: number, untilH: number, stepH: number): number {
  return Math.max(1, Math.ceil((untilH - fromH) / stepH - 1e-9));
}

function countSteps(stays: readonly Stay[], stepH: number): number {
  let fromH = 0;
  let steps = 0;
  for (const stay of stays) {
    steps += stay.frozenThrough === true ? 1 : stepsIn(fromH, stay.untilH, stepH);
    fromH = stay.untilH;
  }
  return steps;
}
