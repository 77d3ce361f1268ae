import { Solver } from 'odex';
import { BOOK_MODEL, runConstants, STATE_SIZE, type MassState, type Recipe } from '@/core/kinetics';
import { derivative } from '@/core/kinetics/derivative';

/** The state after some hours in one place, by a general-purpose solver that shares nothing but the equations. */
export function stateByOdex(
  mass: { readonly recipe: Recipe; readonly start: MassState; readonly ambientC: number },
  hours: number,
  tolerance: number,
): Float64Array {
  const constants = runConstants(mass.recipe, BOOK_MODEL);
  const around = { ambientC: mass.ambientC, coreLagH: constants.coreLagH };
  const rate = new Float64Array(STATE_SIZE);
  const solver = new Solver(STATE_SIZE);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  solver.maxSteps = 100_000;
  const solution = solver.solve(
    (_, y) => {
      derivative(Float64Array.from(y), constants, around, rate);
      return Array.from(rate);
    },
    0,
    Array.from(mass.start),
    hours,
  );
  return Float64Array.from(solution.y);
}
