/**
 * Uniform numbers in [0, 1) from a seed: the same seed gives the same numbers. Core code never draws without one.
 * Source: mulberry32, a 32-bit mixing generator; good enough for thousands of draws, not for secrets.
 */
export function seededUniform(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal numbers from a seed, by Box and Muller. */
export function seededNormal(seed: number): () => number {
  const uniform = seededUniform(seed);
  return () => {
    const radius = Math.sqrt(-2 * Math.log(1 - uniform()));
    return radius * Math.cos(2 * Math.PI * uniform());
  };
}
