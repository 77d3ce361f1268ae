/** Median milliseconds of one call. */
export function cost(run: () => unknown, times: number): number {
  for (let i = 0; i < 3; i += 1) run();
  const spent = Array.from({ length: times }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return spent[Math.floor(times / 2)] ?? NaN;
}
