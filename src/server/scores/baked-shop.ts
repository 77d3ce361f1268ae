import { type ShopState } from '@/shop/state';
import { type Bake } from '@/shop/kept/bake';
import { bakedOf, runBaked, type Baked, type BakedRun, type BakedShop } from '@/core/compare';
import type { Score } from '@/core/journal';
import { listBakes, maybeOneBake, oneMethodVersion } from '@/data';
import type { ShopContext } from '../context';
import { cultureSpeeds, loadShop, loadShopAround } from '../shop/load-shop';

/** What bakes of the past are run in: the shop’s places as measured, its flours, its speeds as learned by now. */
export function bakedShop(context: ShopContext, state: ShopState): BakedShop {
  return {
    places: state.placeMap,
    pantry: state.pantry,
    cultureSpeeds: cultureSpeeds(context, loadShop(context)),
  };
}

/** The last word on how a bake turned out; null where it was not scored. */
export function scoreOf(state: Pick<ShopState, 'folded'>, bakeId: string): Score | null {
  return state.folded.scores.filter((one) => one.bakeId === bakeId).at(-1) ?? null;
}

/** A bake of the past as it is chosen by. */
export interface PastBake {
  readonly bakeId: string;
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly balls: number;
  readonly score: Score | null;
  /** The version of the method that it was baked with; null for a bake from a poolish. */
  readonly version: number | null;
}

/** Bakes that were baked, the last first. */
export function pastBakes(context: ShopContext, state: ShopState): PastBake[] {
  const balls = new Map<string, number>();
  for (const { act, bakeId } of state.folded.done) {
    if (act.kind === 'use' && bakeId !== null) {
      balls.set(bakeId, (balls.get(bakeId) ?? 0) + act.count);
    }
  }
  const scores = new Map(state.folded.scores.map((one) => [one.bakeId, one]));
  const firstMs = state.folded.done[0]?.atMs ?? state.nowMs;
  return listBakes(context.db, firstMs)
    .filter((bake) => balls.has(bake.id))
    .map((bake) =>
      pastBake(context, {
        bake,
        balls: balls.get(bake.id) ?? 0,
        score: scores.get(bake.id) ?? null,
      }),
    )
    .reverse();
}

function pastBake(
  context: ShopContext,
  { bake, balls, score }: Pick<PastBake, 'balls' | 'score'> & { readonly bake: Bake },
): PastBake {
  const { methodVersionId } = bake;
  return {
    bakeId: bake.id,
    name: bake.name,
    fromMs: bake.readyFromMs,
    toMs: bake.readyToMs,
    balls,
    score,
    version: oneMethodVersion(context.db, methodVersionId).number,
  };
}

/** A bake of the past, ready to be run; null where nothing of it was baked. */
export function bakedById(
  context: ShopContext,
  bakeId: string,
  state = loadShopAround(context, { bakeId }),
): { baked: Baked; run: BakedRun; shop: BakedShop; state: ShopState; bake: Bake } | null {
  const bake = maybeOneBake(context.db, bakeId);
  const baked = bake === null ? null : bakedOf(state.folded.done, bake);
  if (bake === null || baked === null) return null;
  const shop = bakedShop(context, state);
  const run = runBaked(baked, shop, { withLooks: true, withBands: false });
  return run === null ? null : { baked, run, shop, state, bake };
}
