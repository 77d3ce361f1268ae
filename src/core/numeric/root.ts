import { tr } from '@/words/tr';
import { DomainError } from '../units';

const SECANT_STEPS = 24;
const MOST_STEPS = 80;
const LEAST_WIDTH = 1e-10;

/**
 * Root of a function between two ends where its sign differs: false position with the Illinois weight.
 * @param tolerance stop when |f| is at most this
 * @throws {DomainError} root-not-bracketed, root-not-converged
 */
export function findRoot(
  f: (x: number) => number,
  ends: {
    readonly low: number;
    readonly high: number;
    /** The function at the ends, where it is known. */
    readonly atLow?: number;
    readonly atHigh?: number;
  },
  tolerance: number,
): number {
  let { low, high } = ends;
  let atLow = ends.atLow ?? f(low);
  let atHigh = ends.atHigh ?? f(high);
  if (Math.abs(atLow) <= tolerance) return low;
  if (Math.abs(atHigh) <= tolerance) return high;
  if (atLow * atHigh > 0) {
    throw new DomainError('root-not-bracketed', tr`The function has one sign at both ends.`, {
      ...ends,
    });
  }
  for (let i = 0; i < MOST_STEPS; i += 1) {
    // A jump makes the secant creep: halve then.
    const x =
      i < SECANT_STEPS ? (low * atHigh - high * atLow) / (atHigh - atLow) : (low + high) / 2;
    const y = f(x);
    if (Math.abs(y) <= tolerance || Math.abs(high - low) < LEAST_WIDTH) return x;
    if (y * atHigh < 0) {
      low = high;
      atLow = atHigh;
    } else {
      atLow /= 2;
    }
    high = x;
    atHigh = y;
  }
  throw new DomainError('root-not-converged', tr`No root found within ${MOST_STEPS} steps.`, {
    ...ends,
  });
}
