import { forecastShop, type CultureSpeed, type LotForecast, type Places } from '../forecast';
import type { Pantry } from '../composition';
import { isAct, lineageActs, type ActOf, type DoneAct } from '../journal';
import { hoursBetween } from '../units';

/** A bake that was baked, as far as it can be run again: what was done to its lots, and when it was served. */
export interface Baked {
  readonly bakeId: string;
  readonly name: string;
  readonly acts: readonly DoneAct[];
  readonly leavenIds: readonly string[];
  readonly doughId: string;
  /** Lots that were baked, in order. */
  readonly ballIds: readonly string[];
  readonly servedFromMs: number;
  readonly servedToMs: number;
}

/** What runs of bakes rest on. */
export interface BakedShop {
  readonly places: Places;
  readonly pantry: Pantry;
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
}

/** A bake run again: its leavens, its dough, the balls that were baked first and last. */
export interface BakedRun {
  readonly baked: Baked;
  readonly leavens: readonly LotForecast[];
  readonly dough: LotForecast;
  readonly first: LotForecast;
  readonly last: LotForecast;
}

/**
 * A bake out of the journal; null where nothing of it was baked or its balls are of no dough.
 * @param done acts in order of time
 */
export function bakedOf(
  done: readonly DoneAct[],
  bake: { readonly id: string; readonly name: string; readonly readyToMs: number },
): Baked | null {
  const uses = done.flatMap(({ act, atMs, bakeId }) =>
    bakeId === bake.id && isAct(act, 'use') ? [{ act, atMs }] : [],
  );
  const [firstUse] = uses;
  if (firstUse === undefined) return null;
  const ballIds = [...new Set(uses.map(({ act }) => act.lotId))];
  const divided = done.find(({ act }) => isAct(act, 'divide') && act.ballsLotId === ballIds[0]);
  if (divided === undefined) return null;
  const doughId = (divided.act as ActOf<'divide'>).lotId;
  const mixed = done.find(({ act }) => isAct(act, 'make') && act.lotId === doughId);
  if (mixed === undefined) return null;
  const lastMs = Math.max(
    bake.readyToMs,
    ...uses.map(({ act, atMs }) => Math.max(atMs, act.untilMs)),
  );
  return {
    bakeId: bake.id,
    name: bake.name,
    acts: lineageActs(done, ballIds).filter((one) => one.atMs <= lastMs),
    leavenIds: (mixed.act as ActOf<'make'>).portions.map((line) => line.lotId),
    doughId,
    ballIds,
    servedFromMs: firstUse.atMs,
    servedToMs: lastMs,
  };
}

/**
 * Runs a bake again. Looks bend the run towards what was seen; without them it is what the shop’s speeds give, so that
 * one thing can be changed.
 * @returns null where its lots can not be run
 */
export function runBaked(
  baked: Baked,
  shop: BakedShop,
  how: { readonly withLooks: boolean; readonly withBands: boolean },
): BakedRun | null {
  const done = how.withLooks ? baked.acts : baked.acts.filter(({ act }) => act.kind !== 'look');
  const { lots } = forecastShop({
    folded: { done, plan: [] },
    // Bands are of lots that still stand: as of the first pizza.
    nowMs: how.withBands ? baked.servedFromMs : baked.servedToMs,
    visibleFromMs: -Infinity,
    places: shop.places,
    pantry: shop.pantry,
    cultureSpeeds: shop.cultureSpeeds,
    withBands: how.withBands,
    stepH: RUN_STEP_H,
  });
  const dough = lots.get(baked.doughId);
  const first = lots.get(baked.ballIds[0] ?? '');
  const last = lots.get(baked.ballIds.at(-1) ?? '');
  if (dough === undefined || first === undefined || last === undefined) return null;
  const leavens = baked.leavenIds.flatMap((id) => lots.get(id) ?? []);
  return { baked, leavens, dough, first, last };
}
const RUN_STEP_H = 0.1;

/**
 * Where balls stand in their window: under 0 too young or too tight, 0 to 1 right, over 1 too slack.
 * A window that has no end counts as twice as long as it took to open.
 */
export function standing({ window, story }: LotForecast, atMs: number): number {
  const { opensMs, closesMs, tightUntilMs } = window;
  if (opensMs === null) return -1;
  const fromMs = Math.max(opensMs, tightUntilMs ?? opensMs);
  const openedH = Math.max(0.1, hoursBetween(story.startMs, fromMs));
  const lengthH = closesMs === null ? 2 * openedH : Math.max(0.1, hoursBetween(fromMs, closesMs));
  const at = hoursBetween(fromMs, atMs);
  return at < 0 ? at / openedH : at / lengthH;
}
