import { STATE_SIZE, type Trajectory } from '../kinetics';

/** One trajectory from runs that follow each other. */
export function joined(parts: readonly Trajectory[]): Trajectory {
  const [first] = parts;
  if (first === undefined || parts.length === 1) return first as Trajectory;
  const length = parts.reduce((sum, part) => sum + part.length, 0);
  const hours = new Float64Array(length);
  const states = new Float64Array(length * STATE_SIZE);
  const rises = new Float64Array(length);
  let row = 0;
  let offsetH = 0;
  for (const part of parts) {
    for (let i = 0; i < part.length; i += 1) {
      hours[row + i] = offsetH + (part.hours[i] as number);
    }
    states.set(part.states, row * STATE_SIZE);
    rises.set(part.rises, row);
    row += part.length;
    offsetH += part.hours[part.length - 1] as number;
  }
  return { length, hours, states, rises, constants: (parts.at(-1) as Trajectory).constants };
}
