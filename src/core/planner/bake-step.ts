import type { Act } from '../journal';
import type { HourOf } from './hour-of';

/** Share of the bubbles that dividing and rounding leave. Set. */
export const GAS_KEPT_BALLING = 0.3;

/** One step of a bake at its time. */
export interface BakeStep {
  readonly atMs: number;
  readonly act: Act;
  /** Whose hour it is, where a baker may hold it; left out for what follows of itself. */
  readonly of?: HourOf;
}
