import type { ShopUnits } from '@/core/units';
/** One lot of a line of descent. */
export interface LineageLot {
  readonly lotId: string;
  readonly name: string;
  readonly kind: string;
  readonly madeAtMs: number;
  /** Steps from the lot asked for: under 0 what it came from, above 0 what came of it. */
  readonly step: number;
  /** The lot nearer to the one asked for that it hangs on. */
  readonly nextTo: string | null;
  /** Grams that went between the two; null where the journal does not say. */
  readonly massG: number | null;
  /** Flours weighed into it, with the sack they came from where it was noted. */
  readonly flours: readonly {
    readonly name: string;
    readonly massG: number;
    readonly sack: string | null;
  }[];
}

/** A lot with everything it came from and everything that came of it. */
export interface Lineage {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly lot: LineageLot;
  /** One step at a time, the nearest first. */
  readonly back: readonly LineageLot[];
  readonly forward: readonly LineageLot[];
  /** True where a line is longer than is shown. */
  readonly cut: boolean;
}
