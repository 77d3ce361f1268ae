/** An hour of a bake that a baker may hold, by what happens at it. */
export type HourOf =
  | { readonly kind: 'mix' | 'ball' | 'ball again' | 'soak' }
  | { readonly kind: 'leaven'; readonly leavenId: string }
  /** A feed in a row before a leaven, from 1 on. */
  | { readonly kind: 'feed'; readonly leavenId: string; readonly number: number }
  /** A stay begins, by its place in the list of stays, from 1 on: the one before it ends. */
  | { readonly kind: 'leaven stay'; readonly leavenId: string; readonly index: number }
  | { readonly kind: 'bulk stay' | 'balls stay'; readonly index: number }
  /** One of the method’s own moments, by its place among them. */
  | { readonly kind: 'moment'; readonly index: number };

/** An hour that is held, UTC ms. */
export interface HeldHour {
  readonly of: HourOf;
  readonly atMs: number;
}

const nameOf = (of: HourOf) =>
  [
    of.kind,
    'leavenId' in of ? of.leavenId : '',
    'index' in of ? of.index : 'number' in of ? of.number : '',
  ].join(' ');

/** True where two are the same hour of a bake. */
export const isSameHour = (a: HourOf, b: HourOf): boolean => nameOf(a) === nameOf(b);

/** When an hour is held; undefined where it is free. */
export const heldAt = (held: readonly HeldHour[], of: HourOf | undefined): number | undefined =>
  held.find((one) => of !== undefined && isSameHour(one.of, of))?.atMs;
