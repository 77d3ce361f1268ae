import { speak } from '@/words/all-languages';
import { language, type Language } from '@/words/speaker';
import { tr, trOf, word } from '@/words/tr';
import type { Shop } from '@/shop/kept/shop';
import {
  addPlace,
  listFlours,
  listPlaces,
  maybeOneShop,
  saveFlour,
  savePlace,
  saveShop,
  type Db,
} from '@/data';

/** How a shop is set up until its bakers say otherwise. */
export const NEW_SHOP = {
  get name() {
    return tr`My bakery`;
  },
  get language() {
    return language();
  },
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

/** What stands in a new shop, by its own name in the language of the shop. */
const FIRST_NAMES = {
  place: {
    bench: word('Bench'),
    fridge: word('Fridge'),
  },
  flour: {
    'flour-00': word('Type 00 flour'),
    'flour-strong': word('Strong bread flour'),
  },
} as const;

/** The names that were given to a new shop, said in another language; what the baker named stays. */
export function renameFirst(db: Db, from: Language, to: Language): void {
  const said = (name: string, by: Language) => {
    speak(by);
    return trOf(name);
  };
  const renamed = (name: string, first: string | undefined) =>
    first !== undefined && name === said(first, from) ? said(first, to) : null;
  for (const place of listPlaces(db)) {
    const name = renamed(place.name, FIRST_NAMES.place[place.id as 'bench']);
    if (name !== null) savePlace(db, { ...place, name });
  }
  for (const flour of listFlours(db)) {
    const name = renamed(flour.name, FIRST_NAMES.flour[flour.id as 'flour-00']);
    if (name !== null) saveFlour(db, { ...flour, name });
  }
  speak(to);
}

/** Gives an empty data folder a shop that can plan at once; leaves any other as it is. */
export function ensureShop(db: Db, timeZone: string): void {
  if (maybeOneShop(db) !== null) return;
  db.transaction(() => {
    saveShop(db, { ...NEW_SHOP, timeZone });
    addPlace(
      db,
      { id: 'bench', name: trOf(FIRST_NAMES.place.bench), capacityL: 60, insulation: 1 },
      KITCHEN_C,
    );
    addPlace(
      db,
      { id: 'fridge', name: trOf(FIRST_NAMES.place.fridge), capacityL: 40, insulation: 1 },
      4,
    );
    saveFlour(db, {
      id: 'flour-00',
      name: trOf(FIRST_NAMES.flour['flour-00']),
      strengthW: 260,
      proteinShare: 0.12,
      wholegrainShare: 0,
    });
    saveFlour(db, {
      id: 'flour-strong',
      name: trOf(FIRST_NAMES.flour['flour-strong']),
      strengthW: 320,
      proteinShare: 0.135,
      wholegrainShare: 0,
    });
  })();
}
