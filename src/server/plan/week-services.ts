import type { ServiceOdds } from '@/shop/odds';
import type { ShopState } from '@/shop/state';
import type { DemandRow } from '@/shop/kept/demand';
import type { Bake } from '@/shop/kept/bake';
import { isAct } from '@/core/journal';
import type { ShopContext } from '../context';
import { oddsOfBake } from '../odds/odds-of-bake';
import { type forecastState } from '../shop/forecast-state';
import { bandsOf } from '@/shop/tide/bands';
import { wantedOf } from '@/shop/plan/needs-of-shop';
import type { Occurrence } from '@/shop/plan/occurrences';
import { liveBakes, openOccurrences } from '@/shop/plan/open-services';
import type { PlanChange } from './since-yesterday';

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

/** The services of a span: those with a bake, and those that are only asked for. */
export function servicesOf(
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

/** The place that is fullest, with its load from now on, l in steps. */
export interface FullPlace {
  readonly name: string;
  readonly capacityL: number;
  readonly fromMs: number;
  readonly stepMs: number;
  readonly load: readonly number[];
}

/** The place that is fullest in a span; null where no place has a size. */
export function fullestOf(
  state: ShopState,
  forecast: ReturnType<typeof forecastState>,
  span: { readonly fromMs: number; readonly toMs: number },
): FullPlace | null {
  const bands = bandsOf(state, forecast, span);
  const fill = (band: (typeof bands)[number]) => Math.max(0, ...band.load) / band.capacityL;
  const [band] = [...bands].sort((a, b) => fill(b) - fill(a));
  if (band === undefined) return null;
  const { name, capacityL, fromMs, stepMs, load } = band;
  return { name, capacityL, fromMs, stepMs, load };
}
