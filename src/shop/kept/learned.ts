import type { QuantityBelief } from '@/core/learning';
/** What readings and done steps have taught about the shop’s places, mixer and bowl. */
export interface LearnedShop {
  /** How much warmer than set each place is, °C, by place. */
  readonly offsets: ReadonlyMap<string, QuantityBelief>;
  /** Warming of a dough by the mixer, °C. */
  readonly mixerHeat: QuantityBelief;
  /** Dough that stays in the bowl over dough mixed. */
  readonly loss: QuantityBelief;
}
