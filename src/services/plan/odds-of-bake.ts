import { chanceThrough, type ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';
import { judgedHalfHours } from '@/core/planner/week';
import type { Bake } from '@/data';

/** The chance that balls of a planned bake are ready, half hour by half hour, from the bands of their forecast. */
export function readyByHalfHours(
  bake: Pick<Bake, 'id' | 'readyFromMs' | 'readyToMs'>,
  forecast: ShopForecast,
): { readonly fromMs: number; readonly toMs: number; readonly ready: number }[] {
  const turns = forecast.acts.flatMap(({ act, atMs, bakeId }) => {
    if (bakeId !== bake.id || !isAct(act, 'use')) return [];
    const lot = forecast.lots.get(act.lotId);
    return lot === undefined ? [] : [{ lot, fromMs: atMs, toMs: act.untilMs }];
  });
  return judgedHalfHours(bake, turns).map((half) => {
    const serving = turns.filter((turn) => turn.fromMs < half.toMs && half.fromMs < turn.toMs);
    const chances = serving.map(({ lot, fromMs, toMs }) =>
      chanceThrough(lot, Math.max(fromMs, half.fromMs), Math.min(toMs, half.toMs)),
    );
    return { ...half, ready: chances.length === 0 ? 0 : Math.min(...chances) };
  });
}

/** The chance of a whole service: that of its worst half hour. */
export function oddsOfBake(
  bake: Pick<Bake, 'id' | 'readyFromMs' | 'readyToMs'>,
  forecast: ShopForecast,
): number | null {
  const halves = readyByHalfHours(bake, forecast);
  const turns = forecast.acts.some(({ act, bakeId }) => bakeId === bake.id && act.kind === 'use');
  return turns ? Math.min(...halves.map((half) => half.ready)) : null;
}
