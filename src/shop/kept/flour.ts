import type { Flour } from '@/core/flour';
/** A flour of the shop; retired ones stay, for lots of the past are made of them. */
export interface FlourRow extends Flour {
  readonly retiredMs: number | null;
}
