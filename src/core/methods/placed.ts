import { type Flour, strengthOf } from '../flour';
import { setTempC, type PlaceHistory } from '../forecast';
import type { LibraryMethod, PlaceRole } from './library';
import type { Method, Stay } from './method';

/** The temperature each role stands for, °C. */
const ROLE_C: Readonly<Record<PlaceRole, number>> = {
  proofer: 28,
  bench: 21,
  cellar: 16,
  fridge: 4,
};
/** What each flour of the library stands for. */
const FLOUR_AS: Readonly<Record<string, { strengthW: number; wholegrainShare: number }>> = {
  strong: { strengthW: 310, wholegrainShare: 0 },
  soft: { strengthW: 220, wholegrainShare: 0 },
  whole: { strengthW: 200, wholegrainShare: 1 },
};
const W_PER_WHOLEGRAIN = 400;

/** What of the shop a library method is put on. */
export interface MethodShop {
  readonly places: readonly PlaceHistory[];
  readonly flours: readonly Flour[];
  readonly atMs: number;
  readonly yeastType: Method['dough']['yeast']['type'];
}

/** A library method on the shop’s own places and flours: each the nearest to what the role asks for. */
export function placedMethod({ method }: LibraryMethod, shop: MethodShop): Method {
  const place = (role: string) => nearestPlace(ROLE_C[role as PlaceRole] ?? 21, shop);
  const stays = (all: readonly Stay[]) =>
    all.map((one) => ({ ...one, placeId: place(one.placeId) }));
  const flour = (id: string) => nearestFlour(id, shop.flours);
  const parts = (all: Method['dough']['flours']) =>
    merged(all.map((part) => ({ ...part, flourId: flour(part.flourId) })));
  const { autolyse } = method.mix;
  return {
    ...method,
    dough: {
      ...method.dough,
      flours: parts(method.dough.flours),
      yeast: { ...method.dough.yeast, type: shop.yeastType },
      leavens: method.dough.leavens.map((one) => ({
        ...one,
        flours: one.flours === null ? null : parts(one.flours),
      })),
    },
    leavenStays: Object.fromEntries(
      Object.entries(method.leavenStays).map(([id, all]) => [id, stays(all)]),
    ),
    mix: {
      ...method.mix,
      autolyse: autolyse === null ? null : { ...autolyse, placeId: place(autolyse.placeId) },
    },
    bulk: stays(method.bulk),
    balls: stays(method.balls),
  };
}

/** The place of a shop whose temperature is nearest to one (°C); empty where it has none. */
export function nearestPlace(
  tempC: number,
  { places, atMs }: Pick<MethodShop, 'places' | 'atMs'>,
): string {
  const apart = (place: PlaceHistory) => Math.abs(setTempC(place, atMs) - tempC);
  return [...places].sort((a, b) => apart(a) - apart(b))[0]?.id ?? '';
}

/** The flour of the shop nearest to a library flour, or to one of a recipe. */
export function nearestFlour(id: string, flours: readonly Flour[]): string {
  const own = flours.find((flour) => flour.id === id || flour.id === `flour-${id}`);
  if (own !== undefined) return own.id;
  const kind = id.replace('flour-', '');
  const called = CALLED[kind];
  const byName = called === undefined ? undefined : flours.find(({ name }) => called.test(name));
  if (byName !== undefined) return byName.id;
  // Semolina, rye or rice stand for no plain flour.
  const plain = flours.filter(({ name }) => !OF_THEIR_OWN.some((word) => word.test(name)));
  const among = plain.length > 0 ? plain : flours;
  const wanted = FLOUR_AS[id.replace('flour-', '').replace('wholegrain', 'whole')] ?? {
    strengthW: 270,
    wholegrainShare: 0,
  };
  const apart = (flour: Flour) =>
    Math.abs(strengthOf(flour) - wanted.strengthW) +
    W_PER_WHOLEGRAIN * Math.abs(flour.wholegrainShare - wanted.wholegrainShare);
  return [...among].sort((a, b) => apart(a) - apart(b))[0]?.id ?? id;
}

/** Words by which a shop calls its flours, by the flour of a recipe or a starting method. */
const CALLED: Readonly<Record<string, RegExp>> = {
  semolina: /semolina|durum|semola|grieß|hartweizen/i,
  rye: /\brye\b|segale|roggen/i,
  rice: /\brice\b|\briso\b|\breis/i,
  strong: /\bstrong\b|\bbread\b|\bforza\b|\bforte\b|\bstark/i,
  '00': /\b00\b/,
  wholegrain: /whole|\bgraham\b|integrale|vollkorn/i,
};
const OF_THEIR_OWN = ['semolina', 'rye', 'rice'].map((kind) => CALLED[kind] as RegExp);

/** Parts of the same flour become one. */
function merged(parts: Method['dough']['flours']): Method['dough']['flours'] {
  const byId = new Map<string, number>();
  for (const { flourId, share } of parts) byId.set(flourId, (byId.get(flourId) ?? 0) + share);
  return [...byId].map(([flourId, share]) => ({ flourId, share }));
}
