import type { Columns } from '../formula';
import type { LotForecast } from '../forecast';
import { bakeSteps, DRAFT_LOTS, poolishAct } from './bake-acts';
import { forecastActs } from './forecast-acts';
import type { Moments, PlanRequest } from './request';

/** The forecasts of one bake’s three lots. */
export interface BakeForecast {
  readonly poolish: LotForecast;
  readonly dough: LotForecast;
  readonly balls: LotForecast;
}

/** Forecasts a bake that is not in the journal yet, by the same forecast that the journal gets. */
export function previewBake(
  request: PlanRequest,
  moments: Moments,
  columns: Columns,
  withBands: boolean,
): BakeForecast {
  const lots = forecastActs(request, bakeSteps(request, moments, columns, DRAFT_LOTS), {
    withBands,
  });
  return {
    poolish: lots.get(DRAFT_LOTS.poolishId) as LotForecast,
    dough: lots.get(DRAFT_LOTS.doughId) as LotForecast,
    balls: lots.get(DRAFT_LOTS.ballsId) as LotForecast,
  };
}

/** Forecasts a poolish alone. */
export function previewPoolish(request: PlanRequest, atMs: number, columns: Columns): LotForecast {
  const act = poolishAct(request, columns, DRAFT_LOTS, atMs);
  return forecastActs(request, [{ atMs, act }]).get(DRAFT_LOTS.poolishId) as LotForecast;
}
