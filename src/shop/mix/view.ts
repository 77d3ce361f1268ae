import { type Remedy, type ShopRuleAnswer, type WaterAnswer } from '@/core/thermal';
import { type CompositionTotals } from '@/core/composition';
import { type CardItem, type Mark, type MixCard } from '@/core/mixing';
import type { ShopUnits } from '@/core/units';
import type { Method } from '@/core/methods';
/** The card of one batch of a mix. */
export interface MixView {
  readonly stepId: string;
  readonly cardId: string;
  readonly title: string;
  readonly methodName: string | null;
  readonly atMs: number;
  readonly nowMs: number;
  /** How fast the shop’s clock runs. */
  readonly rate: number;
  readonly units: ShopUnits;
  readonly batches: number;
  readonly batchNumber: number;
  readonly items: readonly CardItem[];
  readonly marks: readonly Mark[];
  readonly card: MixCard;
  readonly mix: Method['mix'];
  readonly water: WaterFact | null;
  readonly sums: Pick<CompositionTotals, 'flourG' | 'waterG' | 'saltG' | 'massG'>;
  readonly allergens: readonly string[];
  /** How to weigh a dose that the scale can not. */
  readonly notes: readonly string[];
  readonly pause: boolean;
  readonly divides: readonly DivideFact[];
  readonly people: readonly string[];
  /** True once its entries stand in the journal. */
  readonly written: string | null;
  readonly remainderG: number | null;
}

/** A dough still to be divided, with the weights that use it up. */
export interface DivideFact {
  readonly stepId: string;
  readonly name: string;
  readonly count: number;
  readonly plannedG: number;
  /** From the dough that was weighed; null while it was not. */
  readonly weightG: number | null;
  /** At the planned weight instead: so many, and what is over; null while it was not weighed, or for several products. */
  readonly asPlanned: {
    readonly count: number;
    readonly remainderG: number;
    readonly remainder: 'none' | 'small ball' | 'carry-over';
  } | null;
}

/** Water of a mix, with what it rests on. */
export interface WaterFact {
  readonly answer: WaterAnswer;
  readonly remedies: readonly Remedy[];
  readonly rule: ShopRuleAnswer;
  readonly mixingC: number;
  /** What the dough would come to with water all ice cold, °C; null where the method does not take it so. */
  readonly iceColdC: number | null;
}
