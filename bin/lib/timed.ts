/** A figure with few digits. */
export const round = (value: number, digits = 2) => Number(value.toFixed(digits));

/** What a run gives, and its milliseconds. */
export function timed<T>(run: () => T): { value: T; ms: number } {
  const from = performance.now();
  const value = run();
  return { value, ms: performance.now() - from };
}
