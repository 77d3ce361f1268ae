import { STATE_SIZE, type Trajectory } from '../kinetics';
import type { Series } from './crossings';

/** Any reading of a run as a series over its hours. */
export const seriesOf = (run: Trajectory, at: (row: number) => number): Series => ({
  hours: run.hours,
  length: run.length,
  at,
});
/** The rise of a run, × the volume just mixed. */
export const rises = (run: Trajectory) => seriesOf(run, (row) => run.rises[row] as number);
/** One quantity of the states of a run. */
export const quantity = (run: Trajectory, index: number) =>
  seriesOf(run, (row) => run.states[row * STATE_SIZE + index] as number);
