import { tr } from '@/words/tr';
import type { Look, LotForecast } from '../forecast';
import { WATER, type DoughColumns, type LeavenColumn } from '../formula';
import type { ActOf } from '../journal';
import type { Method } from '../methods';
import { addHours, hoursBetween } from '../units';
import type { BakeStep } from './bake-step';
import { SOUGHT, soughtRipe } from './sought';
import { isWorking, nearestWorking, type WorkingHours } from './working-hours';
import { heldAt, type HeldHour } from './hour-of';
import { forecastActs, type ForecastShopFacts } from './forecast-acts';
import type { MethodLots } from './method-acts';
import type { LeavenSource } from './plan-parts';

/** One feed before a leaven is built. */
export interface Refreshment {
  readonly leavenId: string;
  /** From 1 on. */
  readonly number: number;
  readonly atMs: number;
  readonly motherG: number;
  readonly flourId: string;
  readonly flourG: number;
  readonly waterG: number;
}

/** The feeds before the leavens of a bake, in order of time. */
export type Refreshments = readonly Refreshment[];

/** Mother to a gram of flour of a refreshment: from a thin feed of 1 : 10 to a thick one of 1 : ½, sought from a usual one. */
const MOTHER_RANGE = { least: 0.1, most: 2, near: 0.4 } as const;
/** More than is taken on, so that what sticks to the jar is not missing. Set. */
const SPARE = 1.04;
const START_C = { least: 18, most: 28 } as const;

/**
 * The feeds before each seeded leaven, worked out backwards: each gives what the next one takes, its ratio found so that
 * it is best when the next is mixed. Nothing is left over but what sticks to the jar.
 */
export function refreshmentsFor(
  plan: {
    readonly method: Method;
    readonly columns: DoughColumns;
    readonly leavenAtMs: Readonly<Record<string, number>>;
  },
  shop: ShopWithSources & Omit<FeedsAsked, 'method' | 'solved'>,
): Refreshments {
  const { method } = plan;
  return plan.columns.leavens.flatMap((column) => {
    const builtMs = plan.leavenAtMs[column.leaven.id];
    if (column.leaven.made.by !== 'seed' || builtMs === undefined) return [];
    const hours = feedHours({ ...shop, method }, column.leaven.id, builtMs);
    const feeds: Refreshment[] = [];
    let neededG = column.seedG;
    for (let number = hours.length; number >= 1; number -= 1) {
      const atMs = hours[number - 1] as number;
      const ripeAtMs = hours[number] ?? builtMs;
      const jarId = number === 1 ? jarOf(column.leaven.id, shop) : null;
      const feed = feedFor({ column, number, atMs, ripeAtMs, neededG, jarId }, method, shop);
      feeds.unshift(feed);
      neededG = feed.motherG;
    }
    return feeds;
  });
}

/**
 * When the feeds in a row before a leaven are, the first one first: as they were found, as they are held, or one after the
 * other by the hours that the method has between them, back from the leaven or from a later one. Where nobody works then, at
 * the nearest hour at which somebody does: its mother is found for the hours that it has.
 */
export function feedHours(asked: FeedsAsked, leavenId: string, builtMs: number): number[] {
  const { method, held, solved } = asked;
  const found = solved?.refreshments.filter((one) => one.leavenId === leavenId) ?? [];
  const { count } = method.refreshments;
  const hours: number[] = [];
  let nextMs = builtMs;
  for (let number = count; number >= 1; number -= 1) {
    nextMs =
      found.find((one) => one.number === number)?.atMs ??
      heldAt(held.hours ?? [], { kind: 'feed', leavenId, number }) ??
      workedBefore(nextMs, asked);
    hours.unshift(nextMs);
  }
  return hours;
}

/** What the hours of feeds rest on. */
interface FeedsAsked {
  readonly method: Method;
  /** Hours that are held. */
  readonly held: { readonly hours?: readonly HeldHour[] };
  readonly solved?: { readonly refreshments: Refreshments };
  readonly workingHours: WorkingHours;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** How much shorter or longer than the method has them the hours of a feed may be, times, and the longest, h. */
const STRETCH = { least: 2 / 3, most: 2, mostH: 16 } as const;

/** The hour of a feed that is ripe by an instant: the usual hours before it, or the nearest to them at which somebody works. */
function workedBefore(ripeAtMs: number, asked: FeedsAsked): number {
  const { method, workingHours, timeZone, nowMs } = asked;
  const { everyH } = method.refreshments;
  const wishMs = addHours(ripeAtMs, -everyH);
  if (isWorking(wishMs, workingHours, timeZone)) return wishMs;
  const longestH = Math.max(everyH, Math.min(STRETCH.mostH, STRETCH.most * everyH));
  const span = {
    fromMs: Math.max(nowMs, addHours(ripeAtMs, -longestH)),
    toMs: addHours(ripeAtMs, -STRETCH.least * everyH),
  };
  const atMs = nearestWorking(wishMs, span, workingHours, timeZone);
  return isWorking(atMs, workingHours, timeZone) ? atMs : wishMs;
}

/** A shop with what leavens are seeded from. */
interface ShopWithSources extends ForecastShopFacts {
  readonly sources: readonly LeavenSource[];
}

interface Wanted {
  readonly column: LeavenColumn;
  readonly number: number;
  readonly atMs: number;
  /** When what it is for is made of it. */
  readonly ripeAtMs: number;
  readonly neededG: number;
  /** The jar that the first feed takes from, as it stands; null: a ripe mother. */
  readonly jarId: string | null;
}

function jarOf(leavenId: string, { done, sources }: ShopWithSources): string | null {
  if (done === undefined) return null;
  return sources.find((one) => one.leavenId === leavenId)?.lotId ?? null;
}

function feedFor(wanted: Wanted, method: Method, shop: ForecastShopFacts): Refreshment {
  const windowAt = (motherPerFlour: number, look: Look) =>
    bestOf(withRatio(wanted, motherPerFlour), wanted.jarId, method, { ...shop, look })?.window;
  const { value } = soughtRipe({
    startMs: wanted.atMs,
    wantedH: hoursBetween(wanted.atMs, wanted.ripeAtMs),
    range: MOTHER_RANGE,
    near: MOTHER_RANGE.near,
    stepH: SOUGHT.stepH,
    windowAt,
  });
  return withRatio(wanted, value);
}

/** Grams of a feed that gives what is needed: mother, flour, water at the water of its culture. */
function withRatio({ column, number, atMs, neededG }: Wanted, motherPerFlour: number): Refreshment {
  const { made, id } = column.leaven;
  const hydration = made.by === 'seed' ? made.seedHydration : 1;
  const totalG = neededG * SPARE;
  const flourG = totalG / (motherPerFlour + 1 + hydration);
  return {
    leavenId: id,
    number,
    atMs,
    motherG: tenth(motherPerFlour * flourG),
    flourId: column.weigh.find((line) => line.ingredientId !== WATER)?.ingredientId ?? WATER,
    flourG: tenth(flourG),
    waterG: tenth(flourG * hydration),
  };
}

const tenth = (massG: number) => Math.max(0.1, Math.round(massG * 10) / 10);

/** A feed alone, from the jar as it stands or from a ripe mother. */
function bestOf(
  feed: Refreshment,
  jarId: string | null,
  method: Method,
  shop: ForecastShopFacts,
): LotForecast | null {
  if (jarId !== null) {
    const fromJar = refreshAct(feed, method, { lotId: 'refresh', fromLotId: jarId });
    const alone = forecastActs(shop, [{ atMs: feed.atMs, act: fromJar }]).get('refresh');
    if (alone !== undefined) return alone;
  }
  const act = refreshAct(feed, method, { lotId: 'refresh', fromLotId: 'mother' });
  const mother: ActOf<'make'> = {
    ...act,
    lotId: 'mother',
    name: tr`Mother`,
    ingredients: [
      { ingredientId: feed.flourId, massG: feed.motherG },
      { ingredientId: WATER, massG: (feed.motherG * feed.waterG) / feed.flourG },
    ],
    portions: [],
  };
  const lots = forecastActs(shop, [
    { atMs: addHours(feed.atMs, -0.05), act: mother },
    { atMs: feed.atMs, act },
  ]);
  return lots.get('refresh') ?? null;
}

function refreshAct(
  feed: Refreshment,
  method: Method,
  lots: { readonly lotId: string; readonly fromLotId: string },
): ActOf<'make'> {
  const stiff = feed.waterG < 0.7 * feed.flourG;
  const [first] = method.leavenStays[feed.leavenId] ?? [];
  return {
    kind: 'make',
    lotId: lots.lotId,
    lotKind: stiff ? 'stiff starter' : 'levain',
    name: tr`Refreshment ${feed.number}`,
    ingredients: [
      { ingredientId: feed.flourId, massG: feed.flourG },
      { ingredientId: WATER, massG: feed.waterG },
    ],
    portions: [{ lotId: lots.fromLotId, massG: feed.motherG }],
    placeId: first?.placeId ?? method.bulk[0]?.placeId ?? '',
    startC: (START_C.least + START_C.most) / 2,
    gasKept: 0,
  };
}

/** The feeds as steps, each from the one before it, the first from the mother. */
export function refreshSteps(
  refreshments: Refreshments,
  method: Method,
  lots: MethodLots,
): BakeStep[] {
  return refreshments.flatMap((feed): BakeStep[] => {
    const ids = lots.refreshIds[feed.leavenId] ?? [];
    const lotId = ids[feed.number - 1];
    const fromLotId = feed.number === 1 ? lots.sourceIds[feed.leavenId] : ids[feed.number - 2];
    if (lotId === undefined || fromLotId === undefined) return [];
    const of = { kind: 'feed', leavenId: feed.leavenId, number: feed.number } as const;
    return [{ atMs: feed.atMs, act: refreshAct(feed, method, { lotId, fromLotId }), of }];
  });
}
