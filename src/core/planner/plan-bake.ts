import { formulaColumns, type Columns } from '../formula';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { poolishHours, solveDose } from './dose';
import { FURTHEST_H, LONGEST_SERVICE_H } from './reach';
import { previewBake, type BakeForecast } from './preview';
import type { Moments, PlanRequest } from './request';
import { nearestWorking } from './working-hours';

/** What about a plan the baker should know. */
export type Remark =
  | { readonly kind: 'mix off peak'; readonly minutes: number; readonly bestMs: number }
  | { readonly kind: 'balls late'; readonly opensMs: number | null; readonly minutes: number }
  | { readonly kind: 'balls slack'; readonly closesMs: number; readonly minutes: number };

/** A plan that can be done. */
export interface BakePlan {
  readonly kind: 'plan';
  readonly moments: Moments;
  /** Poolish dose, fresh-yeast equivalent over its flour. */
  readonly freshShare: number;
  readonly columns: Columns;
  readonly forecast: BakeForecast;
  readonly remarks: readonly Remark[];
}

/** A wish that can not be met, and the nearest that can. */
export interface NoPlan {
  readonly kind: 'infeasible';
  /** What stops it. */
  readonly because:
    | 'bake in the past'
    | 'too far ahead'
    | 'service too long'
    | 'too late to start'
    | 'never ripe there'
    | 'moments out of order'
    | 'ends before it starts';
  /** Earliest hour at which balls could be ready; null when the wish itself makes no sense. */
  readonly earliestReadyMs: number | null;
  readonly shortestPoolishH: number | null;
  readonly doughH: number | null;
}

/** Rest in bulk between mixing and balling when nothing is held. Source: bulk short, the trade’s default. */
const BULK_H = 1;
/** Poolish aimed at when nothing is held: overnight. */
const POOLISH_H = 12;
const POOLISH_RANGE_H = { least: 6, most: 18 } as const;
/** Balls open at least this long before the service, and sooner when their window is longer than it. */
const OPEN_BEFORE_H = 0.1;
const MOST_EARLY_H = 1;
const PREVIEW_DOSE = 0.003;

/**
 * Plans a bake backwards: bake, ball proof, bulk, mix, poolish, each moment the baker holds kept,
 * the yeast dose solved so that the poolish is best at the mix.
 */
export function planBake(request: PlanRequest): BakePlan | NoPlan {
  const refusal = refuse(request);
  if (refusal !== null) return refusal;
  const doughH = hoursToBalls(request);
  const mixAtMs = request.held.mixAtMs ?? mixFor(request, doughH);
  const bulkH =
    request.held.ballAtMs === undefined ? BULK_H : hoursBetween(mixAtMs, request.held.ballAtMs);
  const range = poolishHours(request, addHours(mixAtMs, -POOLISH_H));
  const poolishAtMs = request.held.poolishAtMs ?? poolishFor(request, mixAtMs, range);
  if (poolishAtMs < request.nowMs && request.held.poolishAtMs === undefined) {
    return tooLate(request, range.shortestH, doughH.bestH);
  }
  const moments: Moments = {
    poolishAtMs,
    mixAtMs,
    ballAtMs: addHours(mixAtMs, bulkH),
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
  };
  if (!inOrder(moments)) return outOfOrder();
  const dose = solveDose(request, poolishAtMs, mixAtMs);
  const columns = formulaColumns(request.formula, dose.freshShare, request.steps);
  const forecast = previewBake(request, moments, columns, request.withBands);
  return {
    kind: 'plan',
    moments,
    freshShare: dose.freshShare,
    columns,
    forecast,
    remarks: remarksOn(moments, forecast),
  };
}

function refuse(request: PlanRequest): NoPlan | null {
  const nothing = { earliestReadyMs: null, shortestPoolishH: null, doughH: null };
  if (request.readyToMs <= request.readyFromMs) {
    return { kind: 'infeasible', because: 'ends before it starts', ...nothing };
  }
  if (request.readyFromMs <= request.nowMs) {
    return { kind: 'infeasible', because: 'bake in the past', ...nothing };
  }
  if (hoursBetween(request.nowMs, request.readyFromMs) > FURTHEST_H) {
    return { kind: 'infeasible', because: 'too far ahead', ...nothing };
  }
  if (hoursBetween(request.readyFromMs, request.readyToMs) > LONGEST_SERVICE_H) {
    return { kind: 'infeasible', because: 'service too long', ...nothing };
  }
  return null;
}

function outOfOrder(): NoPlan {
  return {
    kind: 'infeasible',
    because: 'moments out of order',
    earliestReadyMs: null,
    shortestPoolishH: null,
    doughH: null,
  };
}

function tooLate(request: PlanRequest, shortestPoolishH: number, doughH: number): NoPlan {
  if (!Number.isFinite(shortestPoolishH + doughH)) {
    const nothing = { earliestReadyMs: null, shortestPoolishH: null, doughH: null };
    return { kind: 'infeasible', because: 'never ripe there', ...nothing };
  }
  return {
    kind: 'infeasible',
    because: 'too late to start',
    earliestReadyMs: roundUp(addHours(request.nowMs, shortestPoolishH + doughH)),
    shortestPoolishH,
    doughH,
  };
}

function inOrder(moments: Moments): boolean {
  return (
    moments.poolishAtMs < moments.mixAtMs &&
    moments.mixAtMs < moments.ballAtMs &&
    moments.ballAtMs < moments.readyToMs
  );
}

/** Hours from the mix to the balls’ window. */
interface DoughHours {
  readonly opensH: number;
  readonly bestH: number;
  readonly closesH: number | null;
}

/** Hours from the mix until balls open and are best, the poolish being at its peak then. */
function hoursToBalls(request: PlanRequest): DoughHours {
  const guessMs = request.readyFromMs;
  const columns = formulaColumns(request.formula, PREVIEW_DOSE, {
    ...request.steps,
    fineStepG: 1e-6,
  });
  const poolishAtMs = addHours(guessMs, -60);
  const first = previewBake(request, draftMoments(request, poolishAtMs, guessMs), columns, false);
  const mixAtMs = first.poolish.window.bestMs ?? guessMs;
  const { balls } = previewBake(
    request,
    draftMoments(request, poolishAtMs, mixAtMs),
    columns,
    false,
  );
  const hours = (atMs: number | null) => (atMs === null ? 24 : hoursBetween(mixAtMs, atMs));
  const { opensMs, bestMs, closesMs } = balls.window;
  const closesH = closesMs === null ? null : hoursBetween(mixAtMs, closesMs);
  return { opensH: hours(opensMs), bestH: hours(bestMs), closesH };
}

function draftMoments(request: PlanRequest, poolishAtMs: number, mixAtMs: number): Moments {
  const { ballAtMs, mixAtMs: heldMix } = request.held;
  const bulkH =
    ballAtMs !== undefined && heldMix !== undefined ? hoursBetween(heldMix, ballAtMs) : BULK_H;
  return {
    poolishAtMs,
    mixAtMs,
    ballAtMs: addHours(mixAtMs, Math.max(0.05, bulkH)),
    readyFromMs: addHours(mixAtMs, 30),
    readyToMs: addHours(mixAtMs, 33),
  };
}

/** The mix whose balls open just before the service; what their window has over is shared on both sides. */
function mixFor(request: PlanRequest, dough: DoughHours): number {
  const serviceH = hoursBetween(request.readyFromMs, request.readyToMs);
  const spareH = (dough.closesH ?? Infinity) - dough.opensH - serviceH;
  const earlyH = Math.max(OPEN_BEFORE_H, Math.min(MOST_EARLY_H, spareH / 2));
  return roundDown(addHours(request.readyFromMs, -dough.opensH - earlyH));
}

/** A start for the poolish inside working hours, as near to overnight as its doses allow. */
function poolishFor(
  request: PlanRequest,
  mixAtMs: number,
  range: { shortestH: number; longestH: number },
): number {
  const longestH = Math.min(POOLISH_RANGE_H.most, range.longestH);
  const preferredShortestH = Math.max(POOLISH_RANGE_H.least, range.shortestH);
  const latestMs = addHours(mixAtMs, -range.shortestH * 1.02);
  if (latestMs < request.nowMs) return latestMs;
  const span = {
    fromMs: Math.max(request.nowMs, addHours(mixAtMs, -longestH)),
    toMs: Math.max(request.nowMs, Math.min(latestMs, addHours(mixAtMs, -preferredShortestH))),
  };
  const wishMs = addHours(mixAtMs, -POOLISH_H);
  const startMs = nearestWorking(wishMs, span, request.workingHours, request.timeZone);
  return Math.max(roundUp(request.nowMs), startMs);
}

function remarksOn(moments: Moments, forecast: BakeForecast): Remark[] {
  const remarks: Remark[] = [];
  const { bestMs } = forecast.poolish.window;
  const minutes = bestMs === null ? null : (moments.mixAtMs - bestMs) / MS_PER_MINUTE;
  if (bestMs !== null && minutes !== null && Math.abs(minutes) > 10) {
    remarks.push({ kind: 'mix off peak', minutes: Math.round(minutes), bestMs });
  }
  const { opensMs, closesMs } = forecast.balls.window;
  if (opensMs === null || opensMs > moments.readyFromMs) {
    const late = opensMs === null ? 0 : (opensMs - moments.readyFromMs) / MS_PER_MINUTE;
    remarks.push({ kind: 'balls late', opensMs, minutes: Math.round(late) });
  }
  if (closesMs !== null && closesMs < moments.readyToMs) {
    const early = (moments.readyToMs - closesMs) / MS_PER_MINUTE;
    remarks.push({ kind: 'balls slack', closesMs, minutes: Math.round(early) });
  }
  return remarks;
}

const FIVE_MINUTES_MS = 5 * MS_PER_MINUTE;
const roundDown = (atMs: number) => Math.floor(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
const roundUp = (atMs: number) => Math.ceil(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
