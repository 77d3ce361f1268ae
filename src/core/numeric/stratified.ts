import { findRoot } from './root';
import { normalBelow } from './normal';
import { seededUniform } from './seeded';

const FARTHEST = 6;
const quantiles = new Map<number, readonly number[]>();

/** The middles of `count` equally likely parts of the standard normal distribution, ascending. */
export function normalMiddles(count: number): readonly number[] {
  const known = quantiles.get(count);
  if (known !== undefined) return known;
  const middles = Array.from({ length: count }, (_, i) =>
    findRoot((x) => normalBelow(x) - (i + 0.5) / count, { low: -FARTHEST, high: FARTHEST }, 1e-7),
  );
  quantiles.set(count, middles);
  return middles;
}

/**
 * Standard normal draws in `dimensions` that fill each of them evenly: every one of the equally likely parts of every
 * dimension is drawn once. The same seed gives the same draws.
 * Source: Latin hypercube sampling (McKay, Beckman and Conover, 1979).
 */
export function stratifiedNormals(count: number, dimensions: number, seed: number): number[][] {
  const middles = normalMiddles(count);
  const uniform = seededUniform(seed);
  const columns = Array.from({ length: dimensions }, () => shuffled(middles, uniform));
  return middles.map((_, row) => columns.map((column) => column[row] as number));
}

function shuffled(items: readonly number[], uniform: () => number): number[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i -= 1) {
    const j = Math.floor(uniform() * (i + 1));
    [all[i], all[j]] = [all[j] as number, all[i] as number];
  }
  return all;
}
