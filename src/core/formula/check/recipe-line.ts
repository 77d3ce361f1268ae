import type { MassRange } from './amount-mass';
import type { RecipeThing } from './words';
import type { RecipeClaim } from './claims';

/** A line with a thing and its grams. */
export interface UnderstoodLine {
  readonly kind: 'understood';
  readonly thing: RecipeThing;
  readonly mass: MassRange;
  readonly says: string;
  /** Water over its own flour, for a leaven. */
  readonly hydration: number | null;
  /** The share the line itself claims; null for none. */
  readonly claimedShare: number | null;
}

/** A line that gives a per cent only. */
export interface PercentLine {
  readonly kind: 'percent';
  readonly thing: RecipeThing;
  readonly share: number;
  /** What it is a share of: all flour, or the water. */
  readonly over: 'flour' | 'water';
  readonly says: string;
  readonly hydration: number | null;
}

/** Each kind of T without some of its fields. */
export type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** A line as it was understood, before it is numbered. */
export type Found = Without<
  Extract<RecipeLine, { kind: 'understood' | 'percent' | 'question' | 'not understood' }>,
  'index' | 'raw'
>;

/** What Olvik made of one line. */
export type RecipeLine = { readonly index: number; readonly raw: string } & (
  | { readonly kind: 'empty' }
  | { readonly kind: 'note'; readonly says: string }
  /** No ingredient: a heading, a step of the method, or left out by the baker. */
  | { readonly kind: 'skipped'; readonly says: string }
  | { readonly kind: 'claim'; readonly claim: RecipeClaim; readonly says: string }
  | UnderstoodLine
  | PercentLine
  | {
      /** Read, but not to be believed as it stands. */
      readonly kind: 'question';
      readonly says: string;
      readonly thing: RecipeThing | null;
      readonly mass: MassRange | null;
      readonly hydration: number | null;
    }
  | { readonly kind: 'not understood'; readonly says: string; readonly thing: RecipeThing | null }
);
