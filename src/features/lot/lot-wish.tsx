'use client';

import { tr } from '@/words/tr';
import type { LotView } from '@/server/lots/lot-view';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';
import { massText, tempText } from '@/ui/format';
import { coreHandles, gramsAt, partsForSeed, ratioOf, seedForParts, type Handles } from './handles';
import { WishRow, type Turn } from './wish-row';

/** Doses and ratios that are looked through, against the plan. */
const DOSE_RANGE = { least: 0.1, most: 8 };
const PARTS_RANGE = { least: 1, most: 12 };

/** A wanted hour for one lot: the place, the dose or the ratio that meets it. */
export function LotWish(props: {
  view: LotView;
  offer: WhatIfOffer;
  handles: Handles;
  onAdopt: (handles: Handles) => void;
}) {
  const { view, offer, handles, onAdopt } = props;
  const best = view.next?.atMs ?? view.strand.window.bestMs ?? view.nowMs;
  const adopt = (turns: Turn['turns'], value: number) => {
    if (turns === 'dose') onAdopt({ ...handles, dose: value });
    else if (turns === 'seed') onAdopt({ ...handles, parts: partsForSeed(offer, value) });
    else onAdopt({ ...handles, placeId: nearestPlace(offer, value) });
  };
  return (
    <WishRow
      base={offer.base}
      handles={coreHandles(offer, handles)}
      fromMs={offer.fromMs}
      firstWishMs={best}
      nowMs={view.nowMs}
      units={view.units}
      turns={turnsOf(view, offer)}
      onAdopt={adopt}
    />
  );
}

/** The place of the shop whose temperature is nearest. */
function nearestPlace(offer: WhatIfOffer, tempC: number): string {
  const [nearest] = [...offer.places].sort(
    (a, b) => Math.abs(a.tempC - tempC) - Math.abs(b.tempC - tempC),
  );
  return nearest?.id ?? offer.placeId;
}

function turnsOf(view: LotView, offer: WhatIfOffer): Turn[] {
  const warm = offer.places.map((place) => place.tempC).filter((tempC) => tempC > COLD_RULE_C);
  const place: Turn = {
    turns: 'place',
    label: tr`Place`,
    least: Math.min(COLD_RULE_C + 1, ...warm),
    most: Math.max(COLD_RULE_C + 2, ...warm),
    linear: true,
    text: (value) => tempText(value, view.units),
  };
  if (offer.open === 'dose') {
    return [doseTurn(offer, view), place];
  }
  return offer.open === 'seed' ? [seedTurn(offer), place] : [place];
}

/** At and below this another rule of ripeness holds, so a wanted hour is sought above it, °C. */
const COLD_RULE_C = 8;

function doseTurn(offer: WhatIfOffer, view: LotView): Turn {
  return {
    turns: 'dose',
    label: tr`Yeast`,
    ...DOSE_RANGE,
    linear: false,
    text: (value) => massText(offer.yeastG * value, view.units),
  };
}

function seedTurn(offer: WhatIfOffer): Turn {
  return {
    turns: 'seed',
    label: tr`Ratio`,
    least: seedForParts(offer, PARTS_RANGE.most),
    most: seedForParts(offer, PARTS_RANGE.least),
    linear: false,
    text: (value) =>
      ratioOf(gramsAt(offer, { placeId: '', dose: 1, parts: partsForSeed(offer, value) })),
  };
}
