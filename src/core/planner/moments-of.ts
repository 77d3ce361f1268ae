import { MS_PER_MINUTE } from '../units';
import type { BakeStep } from './bake-step';

/** Steps nearer to each other than this are one moment of the hands, ms. Set. */
const ONE_MOMENT_MS = 15 * MS_PER_MINUTE;

/** Instants at which the hands are wanted, UTC ms, in order: steps that follow each other closely are one. */
export function momentsOf(steps: readonly BakeStep[]): number[] {
  const instants = steps.map(({ atMs }) => atMs).sort((a, b) => a - b);
  return instants.filter((atMs, i) => i === 0 || atMs - (instants[i - 1] ?? 0) > ONE_MOMENT_MS);
}
