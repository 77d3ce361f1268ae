import type { Shop } from '@/shop/kept/shop';
import { saveFlour, addPlace, maybeOneShop, saveShop, type Db } from '@/data';

/** How a shop is set up until its bakers say otherwise. */
export const NEW_SHOP = {
  name: 'My bakery',
  massUnit: 'g',
  tempUnit: 'C',
  lengthUnit: 'cm',
  scaleStepG: 1,
  fineStepG: 0.1,
  workFromMinute: 6 * 60,
  workUntilMinute: 22 * 60,
  yeastType: 'fresh',
  people: [],
  tapC: 12,
  mixedBy: 'mixer',
  waste: 'with discard',
  surePct: 80,
} satisfies Omit<Shop, 'timeZone'>;

/** Kitchen temperature assumed until the baker says another, °C. */
const KITCHEN_C = 21;

/** Gives an empty data folder a shop that can plan at once; leaves any other as it is. */
export function ensureShop(db: Db, timeZone: string): void {
  if (maybeOneShop(db) !== null) return;
  db.transaction(() => {
    saveShop(db, { ...NEW_SHOP, timeZone });
    addPlace(db, { id: 'bench', name: 'Bench', capacityL: 60, insulation: 1 }, KITCHEN_C);
    addPlace(db, { id: 'fridge', name: 'Fridge', capacityL: 40, insulation: 1 }, 4);
    saveFlour(db, {
      id: 'flour-00',
      name: 'Type 00 flour',
      strengthW: 260,
      proteinShare: 0.12,
      wholegrainShare: 0,
    });
    saveFlour(db, {
      id: 'flour-strong',
      name: 'Strong bread flour',
      strengthW: 320,
      proteinShare: 0.135,
      wholegrainShare: 0,
    });
  })();
}
