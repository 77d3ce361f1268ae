import type { Pantry } from '../composition';
import type { LotForecast, Places } from '../forecast';
import type { ActOf } from '../journal';
import type { LotKind } from '../ripeness';
import type { WaterAnswer } from '../thermal';
import type { FedAs, FeedAmounts } from './amounts';
import type { Jar } from './jar';

/** A feed to be worked out. Plain data: it can be posted to a worker. */
export interface FeedQuestion {
  readonly jar: Jar;
  readonly fed: FedAs;
  /** What it is called and what it is. */
  readonly as: {
    readonly lotId: string;
    readonly name: string;
    readonly kind: LotKind;
    /** The line of lots it carries on; null for a build that is used whole. */
    readonly cultureId: string | null;
  };
  /** When it is mixed. */
  readonly atMs: number;
  readonly placeId: string;
  /** Grams of the mother that may be taken. */
  readonly thereG: number;
  /** Flour to a gram of mother, at the most. */
  readonly thinnest: number;
  /** Coldest water at hand without ice, °C. */
  readonly tapC: number;
}

/** A feed with its forecast. */
export interface Feed {
  readonly amounts: FeedAmounts;
  readonly act: ActOf<'make'>;
  readonly atMs: number;
  readonly forecast: LotForecast;
  /** The water that mixes it at the temperature of its place, or as near as water can. */
  readonly water: WaterAnswer | null;
}

/** What keeps a feed from its wish. */
export type FeedBound =
  /** More of the mother is wanted than is there; all of it goes in. */
  | { readonly kind: 'jar too short'; readonly wantedG: number; readonly thereG: number }
  /** Even the thinnest feed is ripe too early. */
  | { readonly kind: 'too early'; readonly thinnest: number }
  /** Even the thickest feed is ripe too late. */
  | { readonly kind: 'too late' }
  /** It never ripens there. */
  | { readonly kind: 'never ripe' };

/** A feed found for a wish: met, or the nearest there is and what stops it. */
export interface FeedAnswer {
  readonly feed: Feed;
  /** Null when the wish is met. */
  readonly bound: FeedBound | null;
  /** By how much its best misses the wish, h; null where it has no best, or none was wished for. */
  readonly missedH: number | null;
  /** Earliest and latest hour at which such a feed can be ripe there. */
  readonly feasibleMs: { readonly earliestMs: number | null; readonly latestMs: number | null };
}

/** What a feed rests on. */
export interface FeedShop {
  readonly places: Places;
  readonly pantry: Pantry;
}
