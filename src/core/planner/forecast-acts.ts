import type { Pantry } from '../composition';
import {
  forecastShop,
  type CultureSpeed,
  type DrawnTruth,
  type Look,
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
  /** How planned lots are run where a plan is sought; as a picture asks where absent. */
  readonly look?: Look;
}

/** How steps are run. */
interface RunOptions {
  readonly withBands?: boolean;
  readonly stepH?: number;
  readonly look?: Look;
  readonly drawn?: DrawnTruth;
}

/** What is given of what may be left out. */
const given = <T extends object>(options: T) =>
  Object.fromEntries(Object.entries(options).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>;
  };

/** Forecasts steps that are in no journal yet, by the same forecast that the journal gets. */
export function forecastActs(
  shop: ForecastShopFacts,
  steps: readonly BakeStep[],
  { withBands = false, stepH = shop.stepH, look = shop.look, drawn }: RunOptions = {},
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
    ...given({ stepH, look, drawn }),
    ...(shop.jars === undefined
      ? {}
      : { remembered: { lots: shop.jars, facts: String(stepH ?? '') } }),
  }).lots;
}
