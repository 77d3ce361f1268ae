import {
  simulate,
  STATE_SIZE,
  type MassState,
  type Model,
  type Recipe,
  type Stay,
} from '../kinetics';
import type { Trajectory } from '../kinetics';

/** A mass to run by one model. */
interface RunToRemember {
  readonly recipe: Recipe;
  readonly start: MassState;
  readonly stays: readonly Stay[];
  readonly model: Model;
  readonly stepH: number;
}

/** States kept of all runs together: a week of plans tried in a few ways, some thirty megabytes. */
const MOST_STATES = 250_000;

let kept = new Map<string, Trajectory>();
let states = 0;
let keptFor: Model | null = null;

/** All that a run depends on; hours are counted from its start, so that the same run an hour later has the same key. */
function keyOf({ recipe, start, stays, stepH }: RunToRemember): string {
  const numbers: (number | null)[] = [...Object.values(recipe), stepH];
  for (let i = 0; i < STATE_SIZE; i += 1) numbers.push(start[i] as number);
  for (const { untilH, ambientC, insulation = 1, frozenThrough = false } of stays) {
    numbers.push(untilH, ambientC, insulation, frozenThrough ? 1 : 0);
  }
  return numbers.join(' ');
}

/**
 * A run, from before where the same mass went through the same places for the same hours: a plan that only starts earlier
 * or later runs nothing anew. Trajectories are shared and must not be written to.
 * @throws {DomainError} as simulate
 */
export function simulateOnce(run: RunToRemember): Trajectory {
  if (keptFor !== run.model) {
    forgetRuns();
    keptFor = run.model;
  }
  const key = keyOf(run);
  const known = kept.get(key);
  if (known !== undefined) {
    // Asked for again: it is the last to go.
    kept.delete(key);
    kept.set(key, known);
    return known;
  }
  const made = simulate(run);
  kept.set(key, made);
  states += made.length;
  for (const [oldest, { length }] of kept) {
    if (states <= MOST_STATES) break;
    kept.delete(oldest);
    states -= length;
  }
  return made;
}

/** Forgets all runs, so that what follows costs what it costs at first. */
export function forgetRuns(): void {
  kept = new Map();
  states = 0;
}
