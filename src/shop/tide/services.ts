import type { ServiceOdds } from '../odds';
import type { Bake } from '../kept/bake';
import type { ForecastAct, ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';

import type { Service } from './view';

/**
 * The services that a forecast reaches, with how many balls are ripe when their turn comes.
 * @param oddsOf the odds of a planned bake, as they are told
 */
export function servicesOf(
  bakes: readonly Bake[],
  forecast: ShopForecast,
  oddsOf: (bake: Bake) => ServiceOdds | null,
): Service[] {
  const uses = forecast.acts.filter(({ act }) => act.kind === 'use');
  return bakes.flatMap((bake) => {
    const turns = uses.flatMap((one) => (one.bakeId === bake.id ? turnOf(one, bake) : []));
    const known = turns.filter(({ lotId }) => forecast.lots.has(lotId));
    if (known.length === 0) return [];
    const planned = known.reduce((sum, turn) => sum + turn.count, 0);
    return [
      {
        bakeId: bake.id,
        name: bake.name,
        fromMs: Math.min(bake.readyFromMs, ...known.map((turn) => turn.fromMs)),
        toMs: bake.readyToMs,
        wanted: planned,
        ripe: known.reduce((sum, turn) => sum + ripeIn(turn, forecast), 0),
        odds: isBaked(bake, uses) ? null : oddsOf(bake),
      },
    ];
  });
}

const isBaked = (bake: Bake, uses: readonly ForecastAct[]) =>
  uses.every((one) => one.bakeId !== bake.id || one.tense === 'done');

/** A part of the balls with its part of the service. */
interface Turn {
  readonly lotId: string;
  readonly count: number;
  readonly fromMs: number;
  readonly toMs: number;
}

/** Balls are wanted at the bake’s own hours, also where they come late. */
function turnOf({ act, plannedMs, atMs }: ForecastAct, bake: Bake): Turn[] {
  if (!isAct(act, 'use')) return [];
  const fromMs = Math.min(atMs, Math.max(plannedMs, bake.readyFromMs));
  const toMs = act.untilMs > fromMs ? act.untilMs : bake.readyToMs;
  return [{ lotId: act.lotId, count: act.count, fromMs, toMs }];
}

function ripeIn({ lotId, count, ...span }: Turn, forecast: ShopForecast): number {
  const window = forecast.lots.get(lotId)?.window;
  if (window === undefined) return 0;
  const share = ripeShare(span, window.opensMs, window.closesMs);
  return Math.min(count, Math.floor(count * share + 1e-6));
}

/** Share of a service during which the balls are ripe. */
function ripeShare(
  span: { fromMs: number; toMs: number },
  opensMs: number | null,
  closesMs: number | null,
): number {
  if (opensMs === null || span.toMs <= span.fromMs) return 0;
  const from = Math.max(span.fromMs, opensMs);
  const to = Math.min(span.toMs, closesMs ?? Infinity);
  return Math.max(0, (to - from) / (span.toMs - span.fromMs));
}
