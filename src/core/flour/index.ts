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
}

/**
 * Strength of a flour, estimated from its protein when W is not on the sack.
 * Source: W ≈ 180 + 47·(protein% − 10), sd 40; a rule of thumb, set in the model.
 */
export function strengthOf(flour: Flour): number {
  if (flour.strengthW !== null) return flour.strengthW;
  if (flour.proteinShare === null) return UNKNOWN_STRENGTH_W;
  return 180 + 47 * (flour.proteinShare * 100 - 10);
}
