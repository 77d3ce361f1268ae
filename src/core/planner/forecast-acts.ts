import type { Pantry } from '../composition';
import {
  forecastShop,
  type CultureSpeed,
  type DrawnTruth,
  type LotForecast,
  type Places,
  type RememberedLots,
} from '../forecast';
import type { DoneAct } from '../journal';
import type { Model } from '../kinetics';
import type { BakeStep } from './bake-step';

/** What of a shop a forecast of steps rests on. */
export interface ForecastShopFacts {
  readonly places: Places;
  readonly pantry: Pantry;
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
  readonly nowMs: number;
  /** What was done to the jars that steps take from; left out, what they take from is among the steps. */
  readonly done?: readonly DoneAct[];
  /** Runs of the jars, so that they are not run again for every plan that is tried. */
  readonly jars?: RememberedLots;
  /** Another model than the book’s, to see what plans come to in another kitchen. */
  readonly model?: Model;
  /** Step of the runs, h, where many plans are tried; the usual one where absent. */
  readonly stepH?: number;
}

/** How steps are run. */
interface RunOptions {
  readonly withBands?: boolean;
  readonly stepH?: number;
  readonly drawn?: DrawnTruth;
}

/** Forecasts steps that are in no journal yet, by the same forecast that the journal gets. */
export function forecastActs(
  shop: ForecastShopFacts,
  steps: readonly BakeStep[],
  { withBands = false, stepH = shop.stepH, drawn }: RunOptions = {},
): ReadonlyMap<string, LotForecast> {
  return forecastShop({
    folded: {
      done: shop.done ?? [],
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
    // Steps stand where they stand, even where they are overdue.
    nowMs:
      shop.done === undefined ? -Infinity : Math.min(shop.nowMs, ...steps.map((one) => one.atMs)),
    visibleFromMs: -Infinity,
    places: shop.places,
    pantry: shop.pantry,
    cultureSpeeds: shop.cultureSpeeds,
    withBands,
    ...(shop.model === undefined ? {} : { model: shop.model }),
    ...(stepH === undefined ? {} : { stepH }),
    ...(drawn === undefined ? {} : { drawn }),
    ...(shop.jars === undefined
      ? {}
      : { remembered: { lots: shop.jars, facts: String(stepH ?? '') } }),
  }).lots;
}
