import { tr } from '@/words/tr';
import type { LotForecast } from '../../forecast';
import { lotMadeBy, stockAfter } from '../../journal';
import { X } from '../../kinetics';
import { DomainError, MS_PER_HOUR, MS_PER_MINUTE } from '../../units';
import type { BakeStep } from '../bake-step';
import { forecastActs } from '../forecast-acts';
import type { Kitchen } from '../week';
import { checkHands, checkHandsFound } from './check-hands';
import { checkMix } from './check-mix';
import { MINUTE_MS, type CheckedPlan } from './checked-plan';
import { type CheckedShop, LOOK_MS, checkRoom, checkThings, instants } from './check-room';

export type { CheckedPlan } from './checked-plan';

/** Windows are forecast to a few minutes when a plan is run again on its own. */
const WINDOW_MS = 3 * MS_PER_MINUTE;

const SLACK = 0.6;

/**
 * Every rule that plans break, in sentences; empty where they break none. Written from the rules alone: it looks at the
 * steps instant by instant and runs them anew, and shares nothing with how they were found.
 */
export function checkPlans(plans: readonly CheckedPlan[], shop: CheckedShop): string[] {
  return [
    ...plans.flatMap((plan) => checkOne(plan, shop)),
    ...checkHands(plans, shop.kitchen),
    ...checkRoom(plans, shop),
    ...checkThings(plans, shop.kitchen),
  ];
}

function checkOne(plan: CheckedPlan, shop: CheckedShop): string[] {
  const all = [...plan.assumed, ...plan.steps];
  return [
    ...checkStock(all, shop),
    ...checkStart(plan, shop),
    ...checkHandsFound(plan),
    ...checkOven(plan, shop.kitchen),
    ...checkBalls(plan),
    ...checkMix(plan, shop),
    ...checkWeighing(plan, shop),
    ...checkWindows(plan, forecastActs(shop, all)),
  ];
}

/** Grams are conserved: what is taken was there. */
function checkStock(steps: readonly BakeStep[], shop: CheckedShop): string[] {
  const acts = [...(shop.done ?? []), ...steps].sort((a, b) => a.atMs - b.atMs);
  try {
    stockAfter(acts);
    return [];
  } catch (error) {
    if (error instanceof DomainError) return [tr`stock: ${error.message}`];
    throw error;
  }
}

function checkStart({ steps }: CheckedPlan, { nowMs }: CheckedShop): string[] {
  return steps.some((step) => step.atMs < nowMs - MINUTE_MS) ? [tr`a step lies in the past`] : [];
}

function checkOven({ demand, hands }: CheckedPlan, { ovens }: Kitchen): string[] {
  if (ovens.length === 0) return [];
  const heatMin = Math.max(...ovens.map((one) => one.heatMin));
  const litMs = demand.readyFromMs - heatMin * MS_PER_MINUTE;
  const lit = hands.some((one) => Math.abs(one.fromMs - litMs) < MINUTE_MS);
  const anHour = ovens.reduce((sum, one) => sum + (one.count * one.atOnce * 60) / one.bakeMin, 0);
  const hours = (demand.readyToMs - demand.readyFromMs) / MS_PER_HOUR;
  const most = demand.perHour === null ? demand.balls / hours : Math.max(...demand.perHour);
  return [
    ...(lit || demand.ovenOn === true ? [] : [tr`the oven is not lit in time`]),
    ...(most > anHour + 1e-6 ? [tr`the oven bakes ${anHour} an hour, ${most} are wanted`] : []),
  ];
}

/** All balls are used, and the service is covered from its start to its end. */
function checkBalls({ demand, steps }: CheckedPlan): string[] {
  const uses = steps.flatMap(({ atMs, act }) =>
    act.kind === 'use' ? [{ fromMs: atMs, toMs: act.untilMs, count: act.count }] : [],
  );
  const balls = uses.reduce((sum, use) => sum + use.count, 0);
  const paused = (atMs: number) => {
    const hour = Math.floor((atMs - demand.readyFromMs) / MS_PER_HOUR);
    return demand.perHour !== null && (demand.perHour[hour] ?? 1) === 0;
  };
  const uncovered = instants(demand.readyFromMs, demand.readyToMs - LOOK_MS).filter(
    (atMs) => !paused(atMs) && !uses.some((use) => use.fromMs <= atMs && atMs < use.toMs),
  );
  return [
    ...(balls === demand.balls ? [] : [tr`${balls} balls for ${demand.balls}`]),
    ...(uncovered.length === 0 ? [] : [tr`a part of the service has no balls`]),
  ];
}

function checkWeighing({ steps }: CheckedPlan, shop: CheckedShop): string[] {
  return steps.flatMap(({ act }) =>
    act.kind !== 'make'
      ? []
      : act.ingredients
          .filter((line) => shop.pantry.get(line.ingredientId)?.kind === 'yeast')
          .filter((line) => line.massG < shop.fineStepG - 1e-6)
          .map((line) => tr`${act.name}: ${line.massG} g of yeast can not be weighed`),
  );
}

/** Leavens ripe at their mix, balls ready from the first to the last of their turn. */
function checkWindows(plan: CheckedPlan, lots: ReadonlyMap<string, LotForecast>): string[] {
  return plan.steps.flatMap(({ atMs, act }): string[] => {
    if (act.kind === 'use') return checkTurn(lots.get(act.lotId), atMs, act.untilMs);
    if (act.kind !== 'make' || act.lotKind !== 'dough') return [];
    const made = new Set(plan.steps.map((one) => lotMadeBy(one.act)));
    return act.portions
      .filter((line) => made.has(line.lotId))
      .filter((line) => !insideWindow(lots.get(line.lotId), atMs))
      .map((line) => tr`${line.lotId} is not ripe when it is mixed`);
  });
}

function insideWindow(lot: LotForecast | undefined, atMs: number): boolean {
  if (lot === undefined || lot.window.opensMs === null) return false;
  const { opensMs, closesMs } = lot.window;
  return opensMs <= atMs + WINDOW_MS && (closesMs ?? Infinity) >= atMs - WINDOW_MS;
}

function checkTurn(lot: LotForecast | undefined, fromMs: number, toMs: number): string[] {
  if (lot === undefined) return [tr`balls that are not made`];
  const { opensMs, closesMs, tightUntilMs } = lot.window;
  const broken: string[] = [];
  if (opensMs === null || opensMs > fromMs + WINDOW_MS) broken.push(tr`balls too young`);
  if (tightUntilMs !== null && tightUntilMs > fromMs + WINDOW_MS) broken.push(tr`balls too tight`);
  if (closesMs !== null && closesMs < toMs - WINDOW_MS) broken.push(tr`balls too slack`);
  const last =
    lot.run.states[(lot.run.length - 1) * (lot.run.states.length / lot.run.length) + X.gluten];
  if (closesMs === null && last !== undefined && last < SLACK * SLACK)
    broken.push(tr`flour gives out`);
  return broken;
}
