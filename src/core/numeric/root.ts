import { DomainError } from '../units';

/**
 * Root of a function between two ends where its sign differs: false position with the Illinois weight.
 * @param tolerance stop when |f| is at most this
 * @throws {DomainError} root-not-bracketed, root-not-converged
 */
export function findRoot(
  f: (x: number) => number,
  ends: { readonly low: number; readonly high: number },
  tolerance: number,
): number {
  let { low, high } = ends;
  let atLow = f(low);
  let atHigh = f(high);
  if (Math.abs(atLow) <= tolerance) return low;
  if (Math.abs(atHigh) <= tolerance) return high;
  if (atLow * atHigh > 0) {
    throw new DomainError('root-not-bracketed', 'The function has one sign at both ends.', {
      ...ends,
    });
  }
  for (let i = 0; i < 60; i += 1) {
    const x = (low * atHigh - high * atLow) / (atHigh - atLow);
    const y = f(x);
    if (Math.abs(y) <= tolerance || Math.abs(high - low) < 1e-12) return x;
    if (y * atHigh < 0) {
      low = high;
      atLow = atHigh;
    } else {
      atLow /= 2;
    }
    high = x;
    atHigh = y;
  }
  throw new DomainError('root-not-converged', 'No root found within 60 steps.', { ...ends });
}
