import { STATE_SIZE, X, type Trajectory } from '../kinetics';
import type { Moments } from './moments';
import { SPOILS_Q10, type AgeRule } from './rules';

/** Discard is for something from the start until it has aged so many hours at 22 °C. */
export function ageMoments(run: Trajectory, rule: AgeRule): Moments {
  let agedH = 0;
  let closesH: number | null = null;
  for (let row = 1; row < run.length && closesH === null; row += 1) {
    const coreC = run.states[row * STATE_SIZE + X.coreC] as number;
    const pace = SPOILS_Q10 ** ((coreC - 22) / 10);
    const beforeH = run.hours[row - 1] as number;
    const hours = (run.hours[row] as number) - beforeH;
    if (agedH + hours * pace >= rule.keepsH) closesH = beforeH + (rule.keepsH - agedH) / pace;
    agedH += hours * pace;
  }
  if (closesH === null) closesH = agedOn(run, rule, agedH);
  return { youngH: 0, primeH: 0, bestH: null, closesH, pastH: closesH };
}

/** Hour at which discard is too old, when it stays where the run left it. */
function agedOn(run: Trajectory, rule: AgeRule, agedH: number): number {
  const last = run.length - 1;
  const coreC = run.states[last * STATE_SIZE + X.coreC] as number;
  return (run.hours[last] as number) + (rule.keepsH - agedH) / SPOILS_Q10 ** ((coreC - 22) / 10);
}
