/** The kinds of lot that ripen. */
export const LOT_KINDS = [
  'starter',
  'stiff starter',
  'levain',
  'poolish',
  'sponge',
  'biga',
  'dough',
  'balls',
  'carry-over',
  'discard',
] as const;

/** One kind of lot. */
export type LotKind = (typeof LOT_KINDS)[number];

/** How ripe a leaven is wanted: at its best, or as soon as it can be used with a little yeast. */
export const ASKED_RIPENESS = ['young', 'prime'] as const;
export type AskedRipeness = (typeof ASKED_RIPENESS)[number];

/** What a lot is at a moment, from its state alone. */
export type Ripeness = 'not yet' | 'young' | 'prime' | 'late' | 'past';
