import type { RipeWindow } from '../ripeness';
import type { LookEffect } from './assimilate';
import type { WindowBand } from './band';
import type { RunLot } from './start-state';

/** Instants that hold 8 runs in 10. */
export type InstantBand = readonly [earlyMs: number, lateMs: number] | null;

/** A ripe window in instants, each with its band. */
export interface WindowInstants {
  readonly opensMs: number | null;
  readonly bestMs: number | null;
  readonly closesMs: number | null;
  readonly opensBand: InstantBand;
  readonly bestBand: InstantBand;
  readonly closesBand: InstantBand;
  /** From when a leaven can be used with a little yeast; null for doughs and balls. */
  readonly youngMs: number | null;
  /** From when it is prime, whatever was asked. */
  readonly primeMs: number | null;
  /** From when it is no use any more. */
  readonly pastMs: number | null;
  readonly peakRise: number;
  readonly by: RipeWindow['by'];
  /** Until when balls spring back when opened; null for other kinds. */
  readonly tightUntilMs: number | null;
}

/** Everything forecast about one lot. */
export interface LotForecast extends RunLot {
  readonly window: WindowInstants;
  readonly band: WindowBand | null;
  /** Speed of the lot against its culture, from its looks. */
  readonly speed: number;
  readonly lookEffects: readonly LookEffect[];
  /** Speed the run was made with: its culture’s times its own. */
  readonly runSpeed: number;
  /** Factor on every sd of its band, under 1 after looks. */
  readonly shrink: number;
  readonly extraLnSd: number;
  /** Sd of ln speed of its culture. */
  readonly speedLnSd: number;
}
