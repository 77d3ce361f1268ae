import { chanceOfAll, type ShopForecast, type Turn } from '@/core/forecast';
import { isAct } from '@/core/journal';
import { judgedHalfHours } from '@/core/planner/week';
import type { Bake } from '@/data';

type Service = Pick<Bake, 'id' | 'readyFromMs' | 'readyToMs'>;

/** The chance that balls of a planned bake are ready in its worst half hour, 0–1; from the bands of their forecast. */
export function worstHalfHour(bake: Service, forecast: ShopForecast): number {
  return Math.min(...servings(bake, forecast).map(chanceOrNone));
}

/**
 * The chance of a whole service: that its balls are ready in every half hour of it, 0–1; from the bands of their forecast.
 * Null where no balls are planned for it.
 */
export function oddsOfBake(bake: Service, forecast: ShopForecast): number | null {
  if (turnsOf(bake, forecast).length === 0) return null;
  const halves = servings(bake, forecast);
  return halves.some((turns) => turns.length === 0) ? 0 : chanceOfAll(halves.flat());
}

/** A half hour that nothing is ready for has no chance. */
const chanceOrNone = (turns: readonly Turn[]) => (turns.length === 0 ? 0 : chanceOfAll(turns));

/** For each half hour that is judged, what is served in it. */
function servings(bake: Service, forecast: ShopForecast): Turn[][] {
  const turns = turnsOf(bake, forecast);
  return judgedHalfHours(bake, turns).map((half) =>
    turns
      .filter((turn) => turn.fromMs < half.toMs && half.fromMs < turn.toMs)
      .map((turn) => ({
        lot: turn.lot,
        fromMs: Math.max(turn.fromMs, half.fromMs),
        toMs: Math.min(turn.toMs, half.toMs),
      })),
  );
}

function turnsOf(bake: Service, forecast: ShopForecast): Turn[] {
  return forecast.acts.flatMap(({ act, atMs, bakeId }) => {
    if (bakeId !== bake.id || !isAct(act, 'use')) return [];
    const lot = forecast.lots.get(act.lotId);
    return lot === undefined ? [] : [{ lot, fromMs: atMs, toMs: act.untilMs }];
  });
}
