import { UNKNOWN_STRENGTH_W } from '../kinetics';

/** A flour as the shop knows it; what is not known is null. */
export interface Flour {
  readonly id: string;
  readonly name: string;
  /** Strength W, 10⁻⁴ J. */
  readonly strengthW: number | null;
  /** Protein, g per g of flour. */
  readonly proteinShare: number | null;
  /** Share of whole grain, 0–1. */
  readonly wholegrainShare: number;
  /** Ash, g per g of flour. */
  readonly ashShare?: number | null;
  /** Water it takes to a standard dough, g per g of flour. */
  readonly absorption?: number | null;
  /** What must stand on a label; absent: wheat. */
  readonly allergens?: readonly string[];
}

/** Doubt of a strength estimated from protein, one sd, W. Source: model of ripening, §5b. */
export const STRENGTH_SD = 40;

/** True where the strength is not on the sack but worked out from protein, or assumed. */
export const isEstimated = (flour: Flour) => flour.strengthW === null;

/**
 * Strength of a flour, estimated from its protein when W is not on the sack.
 * Source: W ≈ 180 + 47·(protein% − 10), sd 40; a rule of thumb, set in the model.
 */
export function strengthOf(flour: Flour): number {
  if (flour.strengthW !== null) return flour.strengthW;
  if (flour.proteinShare === null) return UNKNOWN_STRENGTH_W;
  return Math.max(60, 180 + 47 * (flour.proteinShare * 100 - 10));
}

/** Water a plain white flour takes, and what strength and whole grain add to it. Set, from the trade's usual ranges. */
const PLAIN_ABSORPTION = 0.55;
const PER_W = 0.0003;
const STRENGTH_OF_PLAIN_W = 200;
const PER_WHOLEGRAIN = 0.1;

/**
 * Water a flour takes to a standard dough, g per g; from strength and whole grain when it is not on the sack.
 * Source: the trade's usual ranges (54–58 % for weak white flour, 60–64 % for strong, up to 10 points more for whole grain); set.
 */
export function absorptionOf(flour: Flour): number {
  if (flour.absorption != null) return flour.absorption;
  return (
    PLAIN_ABSORPTION +
    PER_W * (strengthOf(flour) - STRENGTH_OF_PLAIN_W) +
    PER_WHOLEGRAIN * flour.wholegrainShare
  );
}
