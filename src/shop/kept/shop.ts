import type { Language } from '@/words/speaker';
import type { PlaceHistory } from '@/core/forecast';
import { z } from '@/core/parse';
import type { YeastType } from '@/core/units';
/** The shop's own settings. */
export interface Shop {
  readonly name: string;
  readonly timeZone: string;
  readonly language: Language;
  readonly massUnit: 'g' | 'oz';
  readonly tempUnit: 'C' | 'F';
  readonly lengthUnit: 'cm' | 'in';
  readonly scaleStepG: number;
  readonly fineStepG: number;
  readonly workFromMinute: number;
  readonly workUntilMinute: number;
  readonly yeastType: YeastType;
  readonly people: readonly string[];
  /** Coldest water at hand without ice, °C. */
  readonly tapC: number;
  /** By what doughs are mixed. */
  readonly mixedBy: 'hand' | 'mixer';
  /** What is left of a fed jar is used or thrown, or nothing is left over by plan. */
  readonly waste: 'with discard' | 'without discard';
  /** From which chance on a service counts as covered, %. */
  readonly surePct: number;
  /** What plans are weighed by; left out: sure dough. */
  readonly wish?: ShopWish;
}

/** One of the usual wishes, or the shop’s own weights. */
export type ShopWish = z.infer<typeof wishSchema>;

/** A place with its capacity and every temperature it was set to. */
export interface Place extends PlaceHistory {
  readonly capacityL: number;
  readonly insulation: number;
  /** How far it warms with the air out of doors where that is warmer, 0–1; left out: not at all. */
  readonly follows?: number;
}

const weight = z.number().min(0).max(1000);

/** What plans are weighed by. */
export const wishSchema = z.union([
  z.enum(['sure dough', 'sleep', 'little waste']),
  z.object({
    odds: weight,
    offPeakHour: weight,
    nightMoment: weight,
    move: weight,
    discard100G: weight,
    trip: weight,
  }),
]);
