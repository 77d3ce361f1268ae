import { holdableRise, riseOf } from './rise';
import type { Trajectory } from './simulate';
import { STATE_SIZE, X } from './state';
import { readTable, T, tablePosition } from './temperature-response';

/** Coldest bench that a level is reckoned at, °C: what stands colder holds more of its gas dissolved, and shows less. Set. */
const BENCH_C = 18;
/** Gas rate under which nothing more is made, ml/g/h. */
const LEAST_GAS = 1e-9;

/**
 * The level a row of a run has, or would have on a cool bench where it stands colder: cooling alone never moves it down.
 * @returns rise, × the volume just mixed
 */
export function restedLevel(run: Trajectory, row: number): number {
  const at = row * STATE_SIZE;
  const coreC = Math.max(BENCH_C, run.states[at + X.coreC] as number);
  return riseOf(run.states[at + X.gasHeld] as number, coreC, run.constants);
}

/**
 * How near a row of a run is to the level that it is heading for: its level over the level that the sugar at hand would
 * still bring, less what is being lost. From the state alone, reckoned on a cool bench where it stands colder, so that
 * neither the cold nor what is planned moves it.
 * @returns 0–1; 1 when the sugar is gone or as much gas is lost as made
 */
export function headingLevel(run: Trajectory, row: number): number {
  const { states, constants: c } = run;
  const at = row * STATE_SIZE;
  const held = states[at + X.gasHeld] as number;
  const sugar = Math.max(0, states[at + X.sugar] as number);
  const coreC = Math.max(BENCH_C, states[at + X.coreC] as number);
  const position = tablePosition(coreC);
  const level = riseOf(held, coreC, c);
  const gas = gasRate(run, at, sugar, position);
  const full = level / holdableRise(states[at + X.gluten] as number, c);
  const leak =
    c.k.kl *
    readTable(c.table, T.leak, position) *
    Math.max(0, (level - 1) * c.denseVolume) *
    full ** c.k.nV;
  const kept = gas > LEAST_GAS ? Math.max(0, 1 - leak / gas) : 1;
  return level / riseOf(held + c.model.heldToEnd * kept * c.k.gam * sugar, coreC, c);
}

/** Gas that the yeast of a row makes at a temperature, ml/g/h. */
function gasRate(run: Trajectory, at: number, sugar: number, position: number): number {
  const { states, constants: c } = run;
  const of = (yeast: number, awake: number, response: number) =>
    ((states[at + yeast] as number) * readTable(c.table, response, position)) /
    (1 + Math.exp(-(states[at + awake] as number)));
  const yeasts = of(X.yeastB, X.awakeB, T.gasB) + of(X.yeastW, X.awakeW, T.gasW);
  return c.k.kg * yeasts * c.gasSpeed * (sugar / (c.k.ks + sugar));
}
