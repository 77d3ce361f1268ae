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

/** How a lot has been kept: it decides which signs of ripeness count. */
export type Handling = 'room' | 'cold' | 'tempered';

/** Place temperature at and below which a lot counts as kept cold, °C. */
const COLD_AT_OR_BELOW_C = 8;

/** How a lot is kept, from the temperatures of the places it stands in, in order. */
export function handlingOf(ambientsC: readonly number[]): Handling {
  const last = ambientsC.at(-1);
  if (last === undefined) return 'room';
  if (last <= COLD_AT_OR_BELOW_C) return 'cold';
  return ambientsC.some((tempC) => tempC <= COLD_AT_OR_BELOW_C) ? 'tempered' : 'room';
}
