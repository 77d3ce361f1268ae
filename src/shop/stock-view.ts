import type { Reach } from '@/core/stock';
import type { ShopUnits } from '@/core/units';

/** An ingredient with what the plans take of it and what is there. */
export interface StockRow extends Reach {
  readonly ingredientId: string;
  readonly name: string;
  readonly countedMs: number | null;
  readonly pricePerKg: number | null;
  /** What the plans take of it costs; null without a price. */
  readonly cost: number | null;
}

/** What a planned bake costs in ingredients. */
export interface BakeCost {
  readonly bakeId: string;
  readonly name: string;
  readonly atMs: number;
  readonly balls: number;
  readonly cost: number;
  /** Ingredients of it that have no price: their cost is missing. */
  readonly without: readonly string[];
}

/** What is needed for the days to come, and what is there of it. */
export interface StockView {
  readonly units: ShopUnits;
  readonly shopName: string;
  readonly nowMs: number;
  readonly days: number;
  readonly rows: readonly StockRow[];
  readonly bakes: readonly BakeCost[];
  /** Flour thrown away this week, g, and what it cost by the mean price of the flours; null without one. */
  readonly thrown: { readonly flourG: number; readonly cost: number | null };
}
