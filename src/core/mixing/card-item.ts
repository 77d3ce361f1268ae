import type { Pantry } from '../composition';
import type { ActOf } from '../journal';
import type { Method } from '../methods';

/** Something to weigh in. */
export interface WeighItem {
  readonly kind: 'weigh';
  readonly id: string;
  /** An ingredient of the pantry, or a lot. */
  readonly of: { readonly ingredientId: string } | { readonly lotId: string };
  readonly name: string;
  readonly massG: number;
  readonly says: string;
  /** Within so many grams it is right. */
  readonly toleranceG: number;
  /** Ice, which is water weighed frozen. */
  readonly ice: boolean;
  /** Held back: goes in by portions, and some of it may stay. */
  readonly heldBack: boolean;
}

/** Something that takes time. */
export interface TimeItem {
  readonly kind: 'time';
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  readonly says: string;
  readonly what: 'mix' | 'rest' | 'fold';
}

/** A line of the mix card, in the order of the hands. */
export type CardItem = WeighItem | TimeItem;

/** What a card is made of. */
export interface CardQuestion {
  /** The planned mix; of one batch its share. */
  readonly act: ActOf<'make'>;
  readonly batches: number;
  readonly mix: Method['mix'];
  readonly schools: Method['schools'];
  readonly pantry: Pantry;
  /** Names of the lots that go in. */
  readonly lotNames: Readonly<Record<string, string>>;
  readonly iceG: number;
  readonly stepG: number;
  readonly fineStepG: number;
}

/** Within half a per cent, and never finer than the scale; salt and yeast within two per cent. Set. */
export const TOLERANCE = { plain: 0.005, strong: 0.02 } as const;
