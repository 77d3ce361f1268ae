import type { Unplanned } from '../unplanned';
import type { FirstQuestions } from '../begin/first-questions';
import type { Risk } from './risk';
import type { ClockReading } from '../clock';
import type { ServiceOdds } from '../odds';

import type { LotKind } from '@/core/ripeness';
import type { ShopUnits } from '@/core/units';

import type { StepSheet } from '../hands/step-sheet';
import type { Moment } from '../hands/moment';

/** A lot as the Tide draws it. Instants are UTC ms. */
export interface Strand {
  readonly lotId: string;
  readonly name: string;
  readonly kind: LotKind;
  readonly startMs: number;
  /** Null while something is left of it. */
  readonly endMs: number | null;
  readonly stays: readonly {
    readonly placeId: string;
    readonly fromMs: number;
    readonly toMs: number | null;
  }[];
  /** Samples of the curve, every `stepMs` from `startMs`. */
  readonly stepMs: number;
  /** Gas made, ml/g/h: the strand’s width. */
  readonly activity: readonly number[];
  readonly rise: readonly number[];
  readonly risingMs: number | null;
  readonly window: StrandWindow;
  /** Kept cold: drawn on its quiet scale, it must not shout. */
  readonly keeping: boolean;
  readonly madeFrom: readonly string[];
  readonly becomes: readonly string[];
  readonly tense: 'done' | 'planned';
}

/** The ripe window of a strand with its 80 % bands. */
export interface StrandWindow {
  readonly opensMs: number | null;
  readonly bestMs: number | null;
  readonly closesMs: number | null;
  /** From when a leaven can be used with a little yeast; null for doughs and balls. */
  readonly youngMs: number | null;
  readonly primeMs: number | null;
  /** From when it is no use any more. */
  readonly pastMs: number | null;
  readonly opensBand: readonly [number, number] | null;
  readonly bestBand: readonly [number, number] | null;
  readonly closesBand: readonly [number, number] | null;
}

/** A place with what stands in it over time. */
export interface Band {
  readonly placeId: string;
  readonly name: string;
  readonly tempC: number;
  readonly capacityL: number;
  /** Litres standing there, every `stepMs` from `fromMs`. */
  readonly load: readonly number[];
  readonly fromMs: number;
  readonly stepMs: number;
}

/** A service and whether its balls are ripe over its length. */
export interface Service {
  readonly bakeId: string;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly wanted: number;
  /** Balls that are ripe when their turn comes, by an even pace over the service. */
  readonly ripe: number;
  /** Chance that balls are ready in every half hour of the service, as Plan has it; null for one that was baked. */
  readonly odds: ServiceOdds | null;
}

/** Everything the home view shows. */
export interface TideView {
  /** The shop’s version that this was made from. */
  readonly version: string;
  readonly shopName: string;
  /** What is asked first; null once anything was entered. */
  readonly first: FirstQuestions | null;
  readonly units: ShopUnits;
  readonly clock: ClockReading;
  readonly people: readonly string[];
  readonly working: { readonly fromMinute: number; readonly untilMinute: number };
  readonly bands: readonly Band[];
  readonly strands: readonly Strand[];
  readonly moments: readonly Moment[];
  readonly sheets: readonly StepSheet[];
  readonly services: readonly Service[];
  /** Services of the coming days that no plan was taken for. */
  readonly unplanned: readonly Unplanned[];
  readonly conflicts: readonly string[];
  /** Places that get hot in the next day and a half, at their hottest. */
  readonly hot: readonly {
    readonly placeId: string;
    readonly name: string;
    readonly atMs: number;
    readonly tempC: number;
    readonly setC: number;
  }[];
  /** The last bake, where nobody said how it turned out. */
  readonly toScore: { readonly bakeId: string; readonly name: string } | null;
  /** Bakes whose mix or service may not be met. */
  readonly risks: readonly Risk[];
  /** Probes that are not believed or not heard: their places are taken as set. */
  readonly silentProbes: readonly {
    readonly placeId: string;
    readonly says: 'lost' | 'frozen';
    /** Last reading that counted. */
    readonly sinceMs: number;
  }[];
}
