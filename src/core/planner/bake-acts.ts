import type { Columns } from '../formula';
import { placeTempC } from '../forecast';
import type { Act, ActOf } from '../journal';
import { GAS_KEPT_BY_HAND } from '../kinetics';
import type { Moments, PlanRequest } from './request';

/** The ids of the lots of one bake. */
export interface BakeLots {
  readonly poolishId: string;
  readonly doughId: string;
  readonly ballsId: string;
}

/** The ids a plan uses before its lots have codes of their own. */
export const DRAFT_LOTS: BakeLots = { poolishId: 'poolish', doughId: 'dough', ballsId: 'balls' };

/** Dough temperature aimed at when it leaves the bowl, °C. Source: the trade’s 23–26 °C. */
export const DOUGH_AIM_C = 24;
/** Share of the bubbles that dividing and rounding leave. Set. */
export const GAS_KEPT_BALLING = 0.3;

/** One step of a bake at its time. */
export interface BakeStep {
  readonly atMs: number;
  readonly act: Act;
}

/** The poolish of a bake as an act, from its weighed columns. */
export function poolishAct(
  request: PlanRequest,
  columns: Columns,
  lots: BakeLots,
  atMs: number,
): ActOf<'make'> {
  return {
    kind: 'make',
    lotId: lots.poolishId,
    lotKind: 'poolish',
    name: `${request.name} poolish`,
    ingredients: columns.rows
      .filter((row) => row.poolishG > 0)
      .map((row) => ({ ingredientId: row.ingredientId, massG: row.poolishG })),
    portions: [],
    placeId: request.poolishPlaceId,
    startC: placeTempC(request.places, request.poolishPlaceId, atMs),
    gasKept: 0,
  };
}

/** Every step of a bake in order: poolish, mix, ball, bake. */
export function bakeSteps(
  request: PlanRequest,
  moments: Moments,
  columns: Columns,
  lots: BakeLots,
): BakeStep[] {
  const { name, formula, doughPlaceId } = request;
  const mix: ActOf<'make'> = {
    kind: 'make',
    lotId: lots.doughId,
    lotKind: 'dough',
    name: `${name} dough`,
    ingredients: columns.rows
      .filter((row) => row.finalG > 0)
      .map((row) => ({ ingredientId: row.ingredientId, massG: row.finalG })),
    portions: [{ lotId: lots.poolishId, massG: columns.poolishG }],
    placeId: doughPlaceId,
    startC: DOUGH_AIM_C,
    gasKept: GAS_KEPT_BY_HAND,
  };
  const divide: ActOf<'divide'> = {
    kind: 'divide',
    lotId: lots.doughId,
    ballsLotId: lots.ballsId,
    name: `${name} balls`,
    count: formula.balls,
    ballG: formula.ballG,
    placeId: doughPlaceId,
    gasKept: GAS_KEPT_BALLING,
  };
  const use: ActOf<'use'> = {
    kind: 'use',
    lotId: lots.ballsId,
    count: formula.balls,
    untilMs: moments.readyToMs,
  };
  return [
    { atMs: moments.poolishAtMs, act: poolishAct(request, columns, lots, moments.poolishAtMs) },
    { atMs: moments.mixAtMs, act: mix },
    { atMs: moments.ballAtMs, act: divide },
    { atMs: moments.readyFromMs, act: use },
  ];
}
