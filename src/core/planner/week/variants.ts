import { hoursRange, type Stay } from '../../methods';
import { hoursToBalls } from '../../mixing';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../../units';
import { stepsOf } from '../method-draft';
import { piecesOf } from '../method-acts';
import type { MethodPlan, MethodRequest } from '../method-request';
import { brokenByNeeds } from './broken';
import type { Demand } from './demand';
import { joinedNeeds, type Needs } from './needs';
import { needsOfPlan } from './needs-of-plan';
import type { PlanningShop } from './proposal';

/** Hours of a plan’s hands, to be tried. */
export interface Variant {
  readonly mixAtMs: number;
  readonly leavenAtMs: Readonly<Record<string, number>>;
  /** Conditions of hands and things that it breaks, counted. */
  readonly broken: number;
  /** How far it is from the plan as it would be without conditions, h. */
  readonly awayH: number;
}

const QUARTER_MS = 15 * MS_PER_MINUTE;
/** A dough that rises at room gives way by so much to each side, h; one that waits in the cold by all its hours. Set. */
const WARM_REACH_H = 1.5;
const WARM_STEP_H = 0.25;
const COLD_STEP_H = 0.5;
/** Steps by which the hours of a leaven are tried, h. */
const LEAD_STEP_H = 0.5;
const LEAD_WEIGHT = 0.4;

/**
 * The grid of hours that a plan’s mix and leavens may take within the ranges of its method, the ones that break least
 * first, then the nearest. Only its schedule is looked at: nothing is run.
 */
export function variantsOf(
  plan: MethodPlan,
  request: MethodRequest,
  demand: Demand,
  shop: PlanningShop,
): Variant[] {
  const variants = mixHours(plan, request).flatMap((mixAtMs) =>
    leadChoices(plan, request, mixAtMs).map((leavenAtMs) => ({ mixAtMs, leavenAtMs })),
  );
  const near = { ...shop, background: nearby(shop.background, variants, demand) };
  return variants
    .map((one): Variant => ({
      ...one,
      broken: brokenOf(plan, one, { request, demand, shop: near }),
      awayH: awayOf(plan, one),
    }))
    .sort((a, b) => a.broken - b.broken || a.awayH - b.awayH);
}

/** A day before the first step of any variant, nothing that others do meets it. */
const BEFORE_MS = 24 * 60 * MS_PER_MINUTE;

/** What others take of the shop around the hours that are tried: a week of it need not be looked at for each of them. */
function nearby(
  background: Needs,
  variants: readonly Pick<Variant, 'mixAtMs' | 'leavenAtMs'>[],
  { readyToMs }: Demand,
): Needs {
  const hours = variants.flatMap((one) => [one.mixAtMs, ...Object.values(one.leavenAtMs)]);
  const fromMs = Math.min(...hours) - BEFORE_MS;
  const meets = (one: { readonly fromMs: number; readonly toMs: number }) =>
    one.fromMs < readyToMs && fromMs < one.toMs;
  return {
    ...background,
    hands: background.hands.filter(meets),
    places: [],
    things: background.things.filter(meets),
  };
}

function mixHours(plan: MethodPlan, { nowMs, readyFromMs }: MethodRequest): number[] {
  const { balls, bulk, mix } = plan.method;
  const cold = balls.length > 1;
  const bulkH = hoursToBalls({ mix, bulk }, plan.batches);
  const { leastH, mostH } = hoursRange(balls);
  const reach = cold
    ? {
        fromMs: addHours(readyFromMs, -bulkH - mostH),
        toMs: addHours(readyFromMs, -bulkH - leastH),
      }
    : {
        fromMs: addHours(plan.mixAtMs, -WARM_REACH_H),
        toMs: addHours(plan.mixAtMs, WARM_REACH_H),
      };
  const stepMs = addHours(0, cold ? COLD_STEP_H : WARM_STEP_H);
  const hours: number[] = [plan.mixAtMs];
  const firstMs = Math.ceil(Math.max(nowMs, reach.fromMs) / QUARTER_MS) * QUARTER_MS;
  for (let atMs = firstMs; atMs <= reach.toMs; atMs += stepMs) hours.push(atMs);
  return hours;
}

/** For each leaven the hours it may be built at: at most a few of them, around its usual one. */
function leadChoices(
  plan: MethodPlan,
  request: MethodRequest,
  mixAtMs: number,
): Record<string, number>[] {
  return plan.leavens.reduce<Record<string, number>[]>(
    (choices, { leavenId, atMs }) => {
      const stays = plan.method.leavenStays[leavenId];
      if (atMs === null || stays === undefined) return choices;
      const leads = leadsOf(stays, hoursBetween(atMs, plan.mixAtMs));
      return choices.flatMap((choice) =>
        leads
          .map((leadH) => ({ ...choice, [leavenId]: addHours(mixAtMs, -leadH) }))
          .filter((one) => (one[leavenId] ?? 0) >= request.nowMs),
      );
    },
    [{}],
  );
}

const MOST_LEADS = 9;

function leadsOf(stays: readonly Stay[], usualH: number): number[] {
  const { leastH, mostH } = hoursRange(stays);
  const stepH = Math.max(LEAD_STEP_H, (mostH - leastH) / (MOST_LEADS - 1));
  const leads = [Math.min(mostH, Math.max(leastH, usualH))];
  for (let leadH = leastH; leadH <= mostH + 1e-9; leadH += stepH) leads.push(leadH);
  return leads;
}

function awayOf(plan: MethodPlan, variant: Pick<Variant, 'mixAtMs' | 'leavenAtMs'>): number {
  const leads = plan.leavens.map(({ leavenId, atMs }) => {
    const toMs = variant.leavenAtMs[leavenId];
    if (atMs === null || toMs === undefined) return 0;
    return Math.abs(hoursBetween(atMs, plan.mixAtMs) - hoursBetween(toMs, variant.mixAtMs));
  });
  const leadH = leads.reduce((sum, one) => sum + one, 0);
  return Math.abs(hoursBetween(plan.mixAtMs, variant.mixAtMs)) + LEAD_WEIGHT * leadH;
}

/** Conditions that a schedule breaks, places left out: what rises how far is not run. */
function brokenOf(
  plan: MethodPlan,
  variant: Pick<Variant, 'mixAtMs' | 'leavenAtMs'>,
  about: {
    readonly request: MethodRequest;
    readonly demand: Demand;
    readonly shop: PlanningShop;
  },
): number {
  const { request, demand, shop } = about;
  const moved = movedPlan(plan, variant, request);
  const needs = needsOfPlan(moved, demand, { kitchen: shop.kitchen, request });
  const all = joinedNeeds([shop.background, { ...needs, places: [] }]);
  return brokenByNeeds({ ...all, places: [] }, shop.kitchen, demand.id).length;
}

/** A plan at other hours, its lots not run anew. */
function movedPlan(
  plan: MethodPlan,
  { mixAtMs, leavenAtMs }: Pick<Variant, 'mixAtMs' | 'leavenAtMs'>,
  request: MethodRequest,
): MethodPlan {
  const { method, columns } = plan;
  const refreshments = plan.refreshments.map((feed) => {
    const before = plan.leavens.find((one) => one.leavenId === feed.leavenId)?.atMs ?? feed.atMs;
    return { ...feed, atMs: feed.atMs + (leavenAtMs[feed.leavenId] ?? before) - before };
  });
  const { readyFromMs, readyToMs, pantry, steps } = request;
  const pieces = piecesOf(method, columns, pantry, steps.scaleStepG);
  const moments = { leavenAtMs, mixAtMs, batches: plan.batches, readyFromMs, readyToMs };
  return {
    ...plan,
    refreshments,
    mixAtMs,
    ballAtMs: addHours(mixAtMs, hoursToBalls(method, plan.batches)),
    steps: stepsOf(request, { method, columns, pieces, moments, refreshments }, plan.ids),
  };
}
