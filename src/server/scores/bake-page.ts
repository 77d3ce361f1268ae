import type { ScoreBody } from '@/core/journal';
import { unitsOf, type ShopUnits } from '@/core/units';
import { maybeOneBake } from '@/data';
import type { ShopContext } from '../context';
import { rowsOf } from '../log/log';
import type { LogRow } from '@/server/log/log-row';
import { loadShopAround } from '../shop/load-shop';
import { pastBakes, scoreOf, type PastBake } from './baked-shop';

/** A bake with what was done for it and how it turned out. */
export interface BakePageView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly people: readonly string[];
  readonly bakeId: string;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Baked, or why it can not be scored yet. */
  readonly state: 'baked' | 'planned' | 'withdrawn';
  readonly balls: number;
  readonly score: ScoreBody | null;
  readonly scoredBy: string | null;
  readonly scoredMs: number | null;
  readonly rows: readonly LogRow[];
  /** Other bakes it can be compared with, those of its name first. */
  readonly others: readonly PastBake[];
}

const MOST_OTHERS = 12;

/** A bake’s page; null for a bake that the shop does not know. */
export function bakePage(context: ShopContext, bakeId: string): BakePageView | null {
  const bake = maybeOneBake(context.db, bakeId);
  if (bake === null) return null;
  const state = loadShopAround(context, { bakeId });
  const { shop, folded, nowMs } = state;
  const past = pastBakes(context, state);
  const own = past.find((one) => one.bakeId === bakeId);
  const planned = folded.plan.some((step) => step.bakeId === bakeId);
  const score = scoreOf(state, bakeId);
  const batches = folded.done.filter((one) => one.bakeId === bakeId).map((one) => one.batch);
  const others = past.filter((one) => one.bakeId !== bakeId);
  return {
    units: unitsOf(shop),
    nowMs,
    people: shop.people,
    bakeId,
    name: bake.name,
    fromMs: bake.readyFromMs,
    toMs: bake.readyToMs,
    state: own !== undefined ? 'baked' : planned ? 'planned' : 'withdrawn',
    balls: own?.balls ?? 0,
    score: score?.score ?? null,
    scoredBy: score?.by ?? null,
    scoredMs: score?.atMs ?? null,
    rows: rowsOf(context, [...new Set(batches)], shop),
    others: [
      ...others.filter((one) => one.name === bake.name),
      ...others.filter((one) => one.name !== bake.name),
    ].slice(0, MOST_OTHERS),
  };
}
