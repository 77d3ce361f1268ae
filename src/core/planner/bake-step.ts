import type { Act } from '../journal';

/** Share of the bubbles that dividing and rounding leave. Set. */
export const GAS_KEPT_BALLING = 0.3;

/** One step of a bake at its time. */
export interface BakeStep {
  readonly atMs: number;
  readonly act: Act;
}
