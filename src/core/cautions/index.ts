/** Where a caution matters. */
export type CautionAt = 'leaven' | 'mix' | 'ball' | 'bake' | 'culture' | 'cold store';

/** One of the usual cautions. */
export interface Caution {
  readonly id: string;
  readonly at: CautionAt;
  readonly sentence: string;
}

/** The usual cautions where they matter, short and once. Local food codes, the shop’s own food-safety plan and licensed practice come first. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'jar-pressure',
    at: 'leaven',
    sentence: 'A sealed jar builds pressure: leave the lid vented.',
  },
  {
    id: 'mixer',
    at: 'mix',
    sentence: 'Stop the mixer before you reach in; sleeves and fingers off the hook.',
  },
  {
    id: 'raw-dough',
    at: 'ball',
    sentence: 'Raw flour and raw dough are not ready to eat. Contains wheat.',
  },
  {
    id: 'oven',
    at: 'bake',
    sentence: 'Stone, steel and oven burn: gloves and a dry peel. Local codes come first.',
  },
  {
    id: 'spoiled-culture',
    at: 'culture',
    sentence:
      'Pink, orange or black growth, or a putrid smell: throw it all away, clean, start from a back-up. The shop’s food-safety plan comes first.',
  },
  {
    id: 'cold-store',
    at: 'cold store',
    sentence: 'Keep cold stores at or below 5 °C and log them; old dough has an end.',
  },
];

/** The caution for a moment. */
export function cautionAt(at: CautionAt): Caution | null {
  return CAUTIONS.find((caution) => caution.at === at) ?? null;
}
