import type { WhatIfHandles } from '@/core/forecast';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';
import { decimals } from '@/ui/format';

/** What the fingers set: a place of the shop, a factor on the yeast, parts of flour for one of mother. */
export interface Handles {
  readonly placeId: string;
  readonly dose: number;
  readonly parts: number;
}

/** Grams of a feeding or of yeast. */
export interface HandleGrams {
  readonly motherG: number;
  readonly flourG: number;
  readonly waterG: number;
  readonly yeastG: number;
}

/** The handles as the plan has them. */
export function plannedHandles(offer: WhatIfOffer): Handles {
  const { feed } = offer;
  const parts = feed === null || feed.motherG === 0 ? 1 : feed.flourG / feed.motherG;
  return { placeId: offer.placeId, dose: 1, parts };
}

/** The grams that the handles mean; a feeding keeps its total and its flour to water. */
export function gramsAt(offer: WhatIfOffer, handles: Handles): HandleGrams {
  const yeastG = offer.yeastG * handles.dose;
  const { feed } = offer;
  if (feed === null) return { motherG: 0, flourG: 0, waterG: 0, yeastG };
  const wet = feed.waterG / feed.flourG;
  const totalG = feed.motherG + feed.flourG + feed.waterG;
  const motherG = totalG / (1 + handles.parts * (1 + wet));
  return {
    motherG,
    flourG: motherG * handles.parts,
    waterG: motherG * handles.parts * wet,
    yeastG,
  };
}

/** "1:4:4". */
export function ratioOf({ motherG, flourG, waterG }: Omit<HandleGrams, 'yeastG'>): string {
  return `1:${decimals(flourG / motherG, 1)}:${decimals(waterG / motherG, 1)}`;
}

/** The handles as the core takes them. */
export function coreHandles(offer: WhatIfOffer, handles: Handles): WhatIfHandles {
  const place = offer.places.find((one) => one.id === handles.placeId);
  const grams = gramsAt(offer, handles);
  return {
    placeC: place?.tempC ?? 20,
    dose: offer.open === 'dose' ? handles.dose : 1,
    seedShare: seedShareOf(offer, grams),
  };
}

/** Mother's flour over all flour at other grams: her own hydration stays. */
function seedShareOf(offer: WhatIfOffer, grams: HandleGrams): number | null {
  const flourPart = motherFlourPart(offer);
  if (flourPart === null) return null;
  const motherFlourG = grams.motherG * flourPart;
  return motherFlourG / (motherFlourG + grams.flourG);
}

/** Flour in a gram of the mother; null where nothing is fed. */
function motherFlourPart({ feed, base }: WhatIfOffer): number | null {
  if (feed === null || base.seedShare === null) return null;
  return (base.seedShare * feed.flourG) / (1 - base.seedShare) / feed.motherG;
}

/** Mother's flour over all flour at so many parts of flour for one of mother. */
export function seedForParts(offer: WhatIfOffer, parts: number): number {
  const flourPart = motherFlourPart(offer) ?? 0.5;
  return flourPart / (flourPart + parts);
}

/** Parts of flour for one of mother at a share of seed. */
export function partsForSeed(offer: WhatIfOffer, seedShare: number): number {
  const flourPart = motherFlourPart(offer) ?? 0.5;
  return flourPart / seedShare - flourPart;
}
