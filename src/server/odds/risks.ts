import { type Risk } from '@/shop/tide/risk';
import type { ShopState } from '@/shop/state';
import type { Bake } from '@/shop/kept/bake';
import { chanceInside, type ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';
import { hoursBetween, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { oddsOfBake } from './odds-of-bake';

/** A leaven this sure to be ripe at its mix is no risk, however far its best is away. Set. */
const LEAVEN_SURE = 0.9;
/** A mix is at risk under this chance that its leaven is ripe. Set. */
const LEAVEN_AT_RISK = 0.5;
/** Or so far from its best, min: a dough mixed then is not the dough that was planned. Set. */
const BEHIND_MIN = 60;
/** A service is at risk where its worst half hour falls under this. Set. */
const SERVICE_AT_RISK = 0.3;
/** Only what stands in the next hours can still be held or hurried. */
const AHEAD_H = 20;

/** Bakes at risk, the worst first: what stands in the shop will not be ripe at its mix, or balls not ready at the service. */
export function risksOf(
  context: ShopContext,
  state: ShopState,
  bakes: readonly Bake[],
  forecast: ShopForecast,
): Risk[] {
  const ahead = bakes.filter(
    (bake) => bake.readyToMs > state.nowMs && hoursBetween(state.nowMs, bake.readyFromMs) < AHEAD_H,
  );
  return ahead
    .flatMap((bake) => leavenRisk(bake, forecast) ?? ballsRisk(context, state, bake, forecast))
    .sort((a, b) => a.chance - b.chance);
}

function leavenRisk(bake: Bake, forecast: ShopForecast): Risk[] | null {
  const mix = forecast.acts.find(
    ({ act, tense, bakeId }) =>
      bakeId === bake.id && tense === 'planned' && isAct(act, 'make') && act.lotKind === 'dough',
  );
  if (mix === undefined || !isAct(mix.act, 'make')) return null;
  const [leaven] = [...mix.act.portions].sort((a, b) => b.massG - a.massG);
  const lot = leaven === undefined ? undefined : forecast.lots.get(leaven.lotId);
  if (lot === undefined || lot.story.tense !== 'done') return null;
  const { window, band, story } = lot;
  const hour = (atMs: number | null) => (atMs === null ? null : hoursBetween(story.startMs, atMs));
  const chance = chanceInside(
    { opensH: hour(window.opensMs), closesH: hour(window.closesMs) },
    band ?? { opensH: null, closesH: null },
    hoursBetween(story.startMs, mix.atMs),
  );
  const bestMs = window.bestMs;
  const behindMin = bestMs === null ? null : Math.round((bestMs - mix.atMs) / MS_PER_MINUTE);
  const far = behindMin !== null && Math.abs(behindMin) >= BEHIND_MIN && chance < LEAVEN_SURE;
  if (chance >= LEAVEN_AT_RISK && !far) return null;
  return [{ bakeId: bake.id, name: bake.name, lotId: story.lot.id, behindMin, chance }];
}

function ballsRisk(
  context: ShopContext,
  state: ShopState,
  bake: Bake,
  forecast: ShopForecast,
): Risk[] {
  const use = forecast.acts.find(({ act, bakeId }) => bakeId === bake.id && isAct(act, 'use'));
  if (use === undefined || !isAct(use.act, 'use') || use.tense === 'done') return [];
  const dough = forecast.lots.get(use.act.lotId)?.story.lot.madeFrom[0];
  const begun = dough !== undefined && forecast.lots.get(dough)?.story.tense === 'done';
  if (!begun) return [];
  const chance = oddsOfBake(context, state, bake).worst;
  if (chance === null || chance >= SERVICE_AT_RISK) return [];
  const { lotId } = use.act;
  return [{ bakeId: bake.id, name: bake.name, lotId, behindMin: null, chance }];
}
