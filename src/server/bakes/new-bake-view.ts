import { weekdaysLong } from '@/words/days';
import { tr } from '@/words/tr';
import { tempAt } from '@/core/forecast';
import { addHours, atWallMinute, wallTime, type YeastType } from '@/core/units';
import { listFlours } from '@/data';
import type { ShopContext } from '../context';
import { shopFacts } from '../facts/shop-facts';
import type { ShopFacts } from '@/shop/facts';
import { loadShop } from '../shop/load-shop';

/** What the new-bake view starts from. */
export interface NewBakeView {
  readonly facts: ShopFacts;
  readonly flours: readonly { readonly id: string; readonly name: string }[];
  readonly defaults: {
    readonly name: string;
    readonly placeId: string;
    readonly roomC: number;
    readonly flourId: string;
    readonly yeastType: YeastType;
    /** Dough that stays in the bowl, as learned, %. */
    readonly lossPct: number;
    readonly readyFromMs: number;
    readonly readyToMs: number;
  };
}

const EVENING_MINUTE = 18 * 60;
const SERVICE_H = 3;
/** Places colder than this are not where a poolish is started by default, °C. */
const WARM_FROM_C = 15;

const toHalf = (tempC: number) => Math.round(2 * tempC) / 2;

/** The new-bake view: tomorrow evening, in the first room that is warm enough. */
export function newBakeView(context: ShopContext): NewBakeView {
  const state = loadShop(context);
  const { shop, places, nowMs } = state;
  const readyFromMs = atWallMinute(nowMs, 1, EVENING_MINUTE, shop.timeZone);
  const bench = places.find((place) => place.id === 'bench');
  const warm = places.find((place) => tempAt(place, nowMs) >= WARM_FROM_C);
  const place = bench ?? warm ?? places[0];
  const flours = listFlours(context.db).filter((flour) => flour.retiredMs === null);
  const { weekday } = wallTime(readyFromMs, shop.timeZone);
  return {
    facts: shopFacts(context, state),
    flours: flours.map(({ id, name }) => ({ id, name })),
    defaults: {
      name: weekdaysLong()[weekday - 1] ?? tr`Bake`,
      placeId: place?.id ?? '',
      roomC:
        place === undefined ? 21 : toHalf(tempAt(state.placeMap.get(place.id) ?? place, nowMs)),
      flourId: flours[0]?.id ?? '',
      yeastType: shop.yeastType,
      lossPct: Math.round(state.learned.loss.mean * 1000) / 10,
      readyFromMs,
      readyToMs: addHours(readyFromMs, SERVICE_H),
    },
  };
}
