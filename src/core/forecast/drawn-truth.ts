import { DOUBT_SD } from './band';
import { NO_DOUBT, type Doubt } from './doubt';

/**
 * One way things may really be, drawn for a whole shop, each in sd of its own doubt: what plans come to in it. Places run
 * warm or cold together.
 */
export interface DrawnTruth {
  readonly speedZ: number;
  readonly placeZ: number;
  /** Dough out of the bowl, core lag, growth, sugar. */
  readonly startZ: number;
  readonly lagZ: number;
  readonly growthZ: number;
  readonly sugarZ: number;
  /** What is left of life in the cold. */
  readonly coldZ: number;
  /** Doughs raised by a leaven, and their balls: speed. */
  readonly doughZ: number;
  /** Lots that stand in the shop and are in doubt too, with their speed as seen and what looks left of their doubt. */
  readonly inProgress?: ReadonlyMap<string, { readonly speed: number; readonly shrink: number }>;
}

/** Doubts of one lot in a drawn truth. */
export function doubtOf(
  drawn: DrawnTruth,
  lot: {
    readonly speedLnSd: number;
    readonly placeSdC: number;
    readonly extraLnSd: number;
    readonly shrink: number;
  },
): Doubt {
  const { shrink } = lot;
  const factor = (z: number, sd: number) => Math.exp(z * sd * shrink);
  return {
    ...NO_DOUBT,
    speed: factor(drawn.speedZ, lot.speedLnSd) * factor(drawn.doughZ, lot.extraLnSd),
    placeC: drawn.placeZ * lot.placeSdC * shrink,
    startC: drawn.startZ * DOUBT_SD.startC * shrink,
    lag: factor(drawn.lagZ, DOUBT_SD.lag),
    growth: Math.exp(drawn.growthZ * DOUBT_SD.growth),
    sugar: factor(drawn.sugarZ, DOUBT_SD.sugar),
    cold: drawn.coldZ * DOUBT_SD.cold,
  };
}
