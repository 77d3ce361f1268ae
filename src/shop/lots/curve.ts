/** Rises over time, for one line of the picture. */
export interface Curve {
  readonly fromMs: number;
  readonly stepMs: number;
  readonly rise: readonly number[];
}
