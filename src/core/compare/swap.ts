import { tr } from '@/words/tr';
import { totals } from '../composition';
import type { PlaceHistory } from '../forecast';
import { WATER } from '../formula';
import { isAct, type Act, type ActOf, type DoneAct } from '../journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units';
import type { Baked, BakedShop } from './baked';
import type { ThingKey } from './things';

/** A bake with the shop it is run in. */
export interface Swapped {
  readonly baked: Baked;
  readonly shop: BakedShop;
}

type Swap = (of: Swapped, from: number, to: number) => Swapped;

/**
 * A bake as it would have been with one thing otherwise, everything else as it was.
 * @returns null for a thing that the journal can not change by itself (another flour)
 */
export function swapped(of: Swapped, key: ThingKey, from: number, to: number): Swapped | null {
  const swap = SWAPS[key];
  return swap === undefined ? null : swap(of, from, to);
}

const SWAPS: Readonly<Partial<Record<ThingKey, Swap>>> = {
  startC: (of, _, to) => onDough(of, (act) => ({ ...act, startC: to })),
  leavenC: (of, from, to) => warmer(of, new Set(of.baked.leavenIds), to - from),
  doughC: (of, from, to) => warmer(of, new Set([of.baked.doughId]), to - from),
  ballC: (of, from, to) => warmer(of, new Set(of.baked.ballIds), to - from),
  leavenOffMin: (of, from, to) => {
    const own = new Set(of.baked.leavenIds);
    const earlierMs = (to - from) * MS_PER_MINUTE;
    return withActs(of, (one) =>
      (isAct(one.act, 'make') && own.has(one.act.lotId)) || touches(one.act, own)
        ? { ...one, atMs: one.atMs - earlierMs }
        : one,
    );
  },
  bulkH: (of, from, to) =>
    withActs(of, (one) =>
      isAct(one.act, 'divide') && one.act.lotId === of.baked.doughId
        ? { ...one, atMs: one.atMs + (to - from) * MS_PER_HOUR }
        : one,
    ),
  mixToServiceH: (of, from, to) => {
    const laterMs = (to - from) * MS_PER_HOUR;
    const { baked, shop } = of;
    const acts = baked.acts.map((one) =>
      isAct(one.act, 'use') ? { ...one, atMs: one.atMs + laterMs } : one,
    );
    return {
      shop,
      baked: {
        ...baked,
        acts,
        servedFromMs: baked.servedFromMs + laterMs,
        servedToMs: baked.servedToMs + laterMs,
      },
    };
  },
  hydration: (of, from, to) => moreOf(of, WATER, (to - from) * flourOf(of)),
  saltShare: (of, from, to) => {
    const salt = saltIn(of);
    return salt === null ? of : moreOf(of, salt, (to - from) * flourOf(of));
  },
  leavenShare: (of, from, to) => (from > 0 ? scaledLeavens(of, to / from) : of),
};

function withActs(of: Swapped, change: (one: DoneAct) => DoneAct): Swapped {
  const acts = of.baked.acts.map(change).sort((a, b) => a.atMs - b.atMs);
  return { ...of, baked: { ...of.baked, acts } };
}

function onDough(of: Swapped, change: (act: ActOf<'make'>) => ActOf<'make'>): Swapped {
  return withActs(of, (one) =>
    isAct(one.act, 'make') && one.act.lotId === of.baked.doughId
      ? { ...one, act: change(one.act) }
      : one,
  );
}

/** True for what is done to a lot and makes none: moves and work. */
function touches(act: Act, lots: ReadonlySet<string>): boolean {
  return (
    (isAct(act, 'move') || isAct(act, 'work') || isAct(act, 'add') || isAct(act, 'do')) &&
    act.lotId !== undefined &&
    lots.has(act.lotId)
  );
}

const swappedWords = () => tr` otherwise`;

/** Some lots in places that are so much warmer than they were, °C. */
function warmer({ baked, shop }: Swapped, lots: ReadonlySet<string>, byC: number): Swapped {
  const places = new Map(shop.places);
  const other = (placeId: string): string => {
    const place = shop.places.get(placeId);
    if (place === undefined) return placeId;
    const id = `${placeId}${swappedWords()}`;
    places.set(id, shifted({ ...place, id }, byC));
    return id;
  };
  const acts = baked.acts.map((one): DoneAct => {
    const { act } = one;
    const makes =
      (isAct(act, 'make') && lots.has(act.lotId)) ||
      (isAct(act, 'divide') && lots.has(act.ballsLotId)) ||
      (isAct(act, 'move') && lots.has(act.lotId));
    return makes ? { ...one, act: { ...act, placeId: other(act.placeId) } as Act } : one;
  });
  return { baked: { ...baked, acts }, shop: { ...shop, places } };
}

function shifted(place: PlaceHistory, byC: number): PlaceHistory {
  const { readings, settings } = place;
  return {
    ...place,
    settings: settings.map((one) => ({
      ...one,
      tempC: one.tempC + byC,
      daily: one.daily?.map((point) => ({ ...point, tempC: point.tempC + byC })) ?? null,
    })),
    ...(readings === undefined
      ? {}
      : { readings: readings.map((one) => ({ ...one, tempC: one.tempC + byC })) }),
  };
}

function doughMake({ baked }: Swapped): ActOf<'make'> | null {
  const found = baked.acts.find(({ act }) => isAct(act, 'make') && act.lotId === baked.doughId);
  return found === undefined ? null : (found.act as ActOf<'make'>);
}

/** Flour of the whole dough, g: weighed into it and brought by its leavens. */
function flourOf(of: Swapped): number {
  const { baked, shop } = of;
  const make = doughMake(of);
  if (make === null) return 0;
  const fresh = totals(lines(make), shop.pantry).flourG;
  const brought = make.portions.map((line) => {
    const leaven = baked.acts.find(({ act }) => isAct(act, 'make') && act.lotId === line.lotId);
    if (leaven === undefined) return 0;
    const act = leaven.act as ActOf<'make'>;
    const sum = totals(lines(act), shop.pantry);
    const wholeG = sum.massG + act.portions.reduce((all, one) => all + one.massG, 0);
    return wholeG > 0 ? (sum.flourG * line.massG) / wholeG : 0;
  });
  return fresh + brought.reduce((sum, one) => sum + one, 0);
}

const lines = (act: ActOf<'make'>) =>
  Object.fromEntries(act.ingredients.map((line) => [line.ingredientId, line.massG]));

/** A dough with more or less of one of its ingredients, never less than none; its balls weigh so much more or less. */
function moreOf(of: Swapped, ingredientId: string, byG: number): Swapped {
  const wholeG = doughG(of);
  const factor = wholeG > 0 ? (wholeG + byG) / wholeG : 1;
  return onDough(heavierBalls(of, factor), (act) => ({
    ...act,
    ingredients: act.ingredients.map((line) =>
      line.ingredientId === ingredientId ? { ...line, massG: Math.max(0, line.massG + byG) } : line,
    ),
  }));
}

function doughG(of: Swapped): number {
  const make = doughMake(of);
  if (make === null) return 0;
  return [...make.ingredients, ...make.portions].reduce((sum, line) => sum + line.massG, 0);
}

function heavierBalls(of: Swapped, factor: number): Swapped {
  return withActs(of, (one) =>
    isAct(one.act, 'divide') && one.act.lotId === of.baked.doughId
      ? { ...one, act: { ...one.act, ballG: one.act.ballG * factor } }
      : one,
  );
}

function saltIn(of: Swapped): string | null {
  const line = doughMake(of)?.ingredients.find(
    (one) => of.shop.pantry.get(one.ingredientId)?.kind === 'salt',
  );
  return line?.ingredientId ?? null;
}

/** A dough with so many times its leavens, its own flour and water giving way. */
function scaledLeavens(of: Swapped, factor: number): Swapped {
  const own = new Set(of.baked.leavenIds);
  const flourBefore = flourOf(of);
  const scaled = withActs(of, (one) => {
    const { act } = one;
    if (!isAct(act, 'make')) return one;
    const scale = <L extends { massG: number }>(all: readonly L[]) =>
      all.map((line) => ({ ...line, massG: line.massG * factor }));
    if (own.has(act.lotId)) {
      return {
        ...one,
        act: { ...act, ingredients: scale(act.ingredients), portions: scale(act.portions) },
      };
    }
    if (act.lotId === of.baked.doughId)
      return { ...one, act: { ...act, portions: scale(act.portions) } };
    return one;
  });
  const moreFlourG = flourOf(scaled) - flourBefore;
  const flour = doughMake(of)?.ingredients.find(
    (line) => of.shop.pantry.get(line.ingredientId)?.kind === 'flour',
  );
  const leavenWaterG = leavenWater(scaled) - leavenWater(of);
  const lessFlour = flour === undefined ? scaled : moreOf(scaled, flour.ingredientId, -moreFlourG);
  return moreOf(lessFlour, WATER, -leavenWaterG);
}

/** Water that the leavens bring, g. */
function leavenWater({ baked, shop }: Swapped): number {
  const own = new Set(baked.leavenIds);
  return baked.acts.reduce((sum, { act }) => {
    if (!isAct(act, 'make') || !own.has(act.lotId)) return sum;
    return sum + totals(lines(act), shop.pantry).waterG;
  }, 0);
}
