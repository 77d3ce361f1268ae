import { type PlanFacts } from '@/shop/plan/facts';
import { type ServiceOdds } from '@/shop/odds';
import { workingHours, type ShopState } from '@/shop/state';
import { type ShopWish } from '@/shop/kept/shop';
export type { ShopWish } from '@/shop/kept/shop';
import { type DemandRow } from '@/shop/kept/demand';
export type { DemandRow } from '@/shop/kept/demand';
import { type Bake } from '@/shop/kept/bake';
import { isAct } from '@/core/journal';
import { isClosedOn, workedSpans } from '@/core/planner';
import { type Broken, type DemandMethod, brokenByNeeds } from '@/core/planner/week';
import { atWallMinute, type ShopUnits, unitsOf } from '@/core/units';
import { listDemands, listPinned } from '@/data';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { oddsOfBake } from '../odds/odds-of-bake';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { bandsOf } from '@/shop/tide/bands';
import type { Moment } from '@/shop/hands/moment';
import { momentsOf } from '../tide/moments';
import { wantedOf } from '@/shop/plan/needs-of-shop';
import { demandMethods } from '../doughs/demand-methods';
import { planFacts } from './facts';
import { feedsWanted, type FeedWanted } from './keep-alive';
import type { Occurrence } from '@/shop/plan/occurrences';
import { liveBakes, openOccurrences } from '@/shop/plan/open-services';
import { sinceYesterday, type PlanChange } from './since-yesterday';

/** A service of the week: baked, planned, or still without a plan. */
export interface WeekService {
  /** A bake’s id, or a demand’s with its date. */
  readonly key: string;
  readonly bakeId: string | null;
  readonly demandId: string | null;
  readonly date: string | null;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly balls: number;
  /** As it is asked for; null where a plan stands. */
  readonly asked: Occurrence | null;
  readonly state: 'baked' | 'planned' | 'open';
  /** Chance that balls are ready in every half hour of it; null where there is no plan. */
  readonly odds: ServiceOdds | null;
  readonly changed: boolean;
}

/** The plan of a week. */
export interface PlanView {
  readonly shopName: string;
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly wish: ShopWish;
  readonly span: { readonly fromMs: number; readonly toMs: number };
  readonly days: readonly { readonly fromMs: number; readonly closed: boolean }[];
  readonly worked: readonly { readonly fromMs: number; readonly toMs: number }[];
  readonly services: readonly WeekService[];
  readonly hands: readonly { readonly atMs: number; readonly tense: 'done' | 'planned' }[];
  /** The place that is fullest, with its load from now on. */
  readonly fullest: {
    readonly name: string;
    readonly capacityL: number;
    readonly fromMs: number;
    readonly stepMs: number;
    readonly load: readonly number[];
  } | null;
  readonly changes: readonly PlanChange[];
  /** What is still to be done of the planned bakes. */
  readonly moments: readonly (Moment & { readonly pinned: boolean })[];
  /** Cultures that want a feed within the week that nobody has planned. */
  readonly feeds: readonly FeedWanted[];
  /** What the plans as they stand break. */
  readonly broken: readonly Broken[];
  readonly demands: readonly DemandRow[];
  readonly methods: readonly DemandMethod[];
  readonly facts: PlanFacts;
}

const DAYS_BACK = 2;
const DAYS_AHEAD = 7;

/** The week with its services, hands and places, and the facts that plans rest on. */
export function planView(context: ShopContext): PlanView {
  const state = loadShop(context);
  const { shop, nowMs } = state;
  const forecast = forecastState(context, state);
  const bakes = bakesInSight(context);
  const day = (offset: number) => atWallMinute(nowMs, offset, 0, shop.timeZone);
  const span = { fromMs: day(-DAYS_BACK), toMs: day(DAYS_AHEAD + 1) };
  const changes = sinceYesterday(context, state, bakes);
  const facts = planFacts(context, state);
  const demands = listDemands(context.db);
  const pinned = listPinned(context.db);
  const moments = forecast.acts.filter(
    ({ act, atMs }) => atMs >= span.fromMs && atMs < span.toMs && isHands(act.kind),
  );
  return {
    shopName: shop.name,
    units: unitsOf(shop),
    nowMs,
    wish: shop.wish ?? 'sure dough',
    span,
    days: Array.from({ length: DAYS_BACK + DAYS_AHEAD + 1 }, (_, i) => {
      const fromMs = day(i - DAYS_BACK);
      return { fromMs, closed: isClosedOn(fromMs, state.closed, shop.timeZone) };
    }),
    worked: workedSpans(nowMs, DAYS_AHEAD + 1, workingHours(state), shop.timeZone),
    services: servicesOf(context, state, { forecast, bakes, demands, span, changes }),
    hands: moments.map(({ atMs, tense }) => ({ atMs, tense })),
    fullest: fullestOf(state, forecast, { fromMs: nowMs, toMs: span.toMs }),
    changes,
    moments: momentsOf(
      context,
      { state, forecast },
      (one) => one.tense === 'planned' && one.bakeId !== null,
    ).map((one) => ({ ...one, pinned: pinned.has(one.ref) })),
    feeds: feedsWanted(context, state, span.toMs),
    broken: brokenByNeeds(facts.background, facts.kitchen).filter((one) => one.atMs >= nowMs),
    demands,
    methods: demandMethods(context, state, { demand: { methods: [] }, dough: facts.dough }),
    facts,
  };
}

const HANDS_KINDS: ReadonlySet<string> = new Set([
  'make',
  'divide',
  'move',
  'work',
  'light',
  'do',
  'soak',
  'add',
]);
const isHands = (kind: string) => HANDS_KINDS.has(kind);

function servicesOf(
  context: ShopContext,
  state: ShopState,
  about: {
    readonly forecast: ReturnType<typeof forecastState>;
    readonly bakes: readonly Bake[];
    readonly demands: readonly DemandRow[];
    readonly span: { readonly fromMs: number; readonly toMs: number };
    readonly changes: readonly PlanChange[];
  },
): WeekService[] {
  const { forecast, bakes, demands, span, changes } = about;
  const live = liveBakes(state);
  const inSight = bakes.filter(
    (bake) => live.has(bake.id) && bake.readyToMs > span.fromMs && bake.readyFromMs < span.toMs,
  );
  const planned = inSight.map((bake): WeekService => {
    const baked = !state.folded.plan.some((one) => one.bakeId === bake.id);
    return {
      key: bake.id,
      bakeId: bake.id,
      demandId: bake.demandId ?? null,
      date: bake.demandDate ?? null,
      name: bake.name,
      fromMs: bake.readyFromMs,
      toMs: bake.readyToMs,
      balls: baked ? bakedOf(bake, state) : wantedOf(bake, forecast),
      asked: null,
      state: baked ? 'baked' : 'planned',
      odds: baked ? null : oddsOfBake(context, state, bake),
      changed: changes.some((one) => one.bakeId === bake.id),
    };
  });
  const open = openOccurrences(demands, state, { bakes, toMs: span.toMs }).map(openService);
  return [...planned, ...open].sort((a, b) => a.fromMs - b.fromMs);
}

function bakedOf(bake: Bake, { folded }: ShopState): number {
  return folded.done.reduce(
    (sum, { act, bakeId }) => (bakeId === bake.id && isAct(act, 'use') ? sum + act.count : sum),
    0,
  );
}

function openService(one: Occurrence): WeekService {
  return {
    key: `${one.demandId} ${one.date}`,
    bakeId: null,
    demandId: one.demandId,
    date: one.date,
    name: one.name,
    fromMs: one.readyFromMs,
    toMs: one.readyToMs,
    balls: one.balls,
    asked: one,
    state: 'open',
    odds: null,
    changed: false,
  };
}

function fullestOf(
  state: ShopState,
  forecast: ReturnType<typeof forecastState>,
  span: { readonly fromMs: number; readonly toMs: number },
): PlanView['fullest'] {
  const bands = bandsOf(state, forecast, span);
  const fill = (band: (typeof bands)[number]) => Math.max(0, ...band.load) / band.capacityL;
  const [band] = [...bands].sort((a, b) => fill(b) - fill(a));
  if (band === undefined) return null;
  const { name, capacityL, fromMs, stepMs, load } = band;
  return { name, capacityL, fromMs, stepMs, load };
}
