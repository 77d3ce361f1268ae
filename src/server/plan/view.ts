import type { PlanFacts } from '@/shop/plan/facts';
import { workingHours } from '@/shop/state';
import type { Unplanned } from '@/shop/unplanned';
import type { ShopWish } from '@/shop/kept/shop';
import type { DemandRow } from '@/shop/kept/demand';
import { isClosedOn, workedSpans } from '@/core/planner';
import { type Broken, type DemandMethod, brokenByNeeds } from '@/core/planner/week';
import { atWallMinute, type ShopUnits, unitsOf } from '@/core/units';
import { listDemands, listPinned } from '@/data';
import { bakesInSight } from '../bakes/bakes-in-sight';
import type { ShopContext } from '../context';
import { unplannedServices } from '../unplanned/unplanned';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import type { Moment } from '@/shop/hands/moment';
import { momentsOf } from '../tide/moments';
import { demandMethods } from '../doughs/demand-methods';
import { planFacts } from './facts';
import { feedsWanted, type FeedWanted } from './keep-alive';
import { sinceYesterday, type PlanChange } from './since-yesterday';
import { fullestOf, servicesOf, type FullPlace, type WeekService } from './week-services';

export type { ShopWish } from '@/shop/kept/shop';

export type { DemandRow } from '@/shop/kept/demand';

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
  readonly fullest: FullPlace | null;
  readonly changes: readonly PlanChange[];
  /** What is still to be done of the planned bakes. */
  readonly moments: readonly (Moment & { readonly pinned: boolean })[];
  /** Those without a plan, each with the hour by which it wants one, as the Tide says it. */
  readonly unplanned: readonly Unplanned[];
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
  const methods = demandMethods(context, state, facts.dough);
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
    unplanned: unplannedServices(context, state, bakes, span.toMs),
    feeds: feedsWanted(context, state, span.toMs),
    broken: brokenByNeeds(facts.background, facts.kitchen).filter((one) => one.atMs >= nowMs),
    demands: demands.map(methods.naming),
    methods: methods.all,
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
