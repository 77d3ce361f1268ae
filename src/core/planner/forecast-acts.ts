import type { Pantry } from '../composition';
import { forecastShop, type CultureSpeed, type LotForecast, type Places } from '../forecast';
import type { BakeStep } from './bake-acts';

/** What of a shop a forecast of steps rests on. */
export interface ForecastShopFacts {
  readonly places: Places;
  readonly pantry: Pantry;
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
}

/** Forecasts steps that are in no journal yet, by the same forecast that the journal gets. */
export function forecastActs(
  request: ForecastShopFacts,
  steps: readonly BakeStep[],
  withBands: boolean,
): ReadonlyMap<string, LotForecast> {
  return forecastShop({
    folded: {
      done: [],
      plan: [...steps]
        .sort((a, b) => a.atMs - b.atMs)
        .map((step, index) => ({
          stepId: `step-${index}`,
          atMs: step.atMs,
          act: step.act,
          by: null,
          bakeId: null,
        })),
    },
    nowMs: -Infinity,
    visibleFromMs: -Infinity,
    places: request.places,
    pantry: request.pantry,
    cultureSpeeds: request.cultureSpeeds,
    withBands,
  }).lots;
}
