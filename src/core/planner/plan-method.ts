import { BY_TAKING_KINDS } from '../formula';
import { hoursToBalls, soakBefore } from '../mixing';
import { addHours, DomainError, hoursBetween, MS_PER_MINUTE } from '../units';
import { foundMix } from './found-mix';
import { rangesBack, withHeldHours } from './held-hours';
import { forecastActs } from './forecast-acts';
import { drafted, type Draft } from './drafted';
import { remarksOn } from './method-remarks';
import { FURTHEST_H, LONGEST_SERVICE_H } from './reach';
import { plannedLot, STEP_REFUSED } from './refused-step';
import { SOUGHT } from './sought';
import { feedHours, refreshmentsFor } from './refreshments';
import type { MethodPlan, MethodRequest, NoMethodPlan, PlannedLeaven } from './method-request';

/**
 * Plans a bake of any method backwards: service, balls, bulk, mix, each leaven, its dose or seed found so that it is
 * best at the mix, or kept where it has no best. The last stay of the balls gives way within its hours.
 */
export function planMethod(request: MethodRequest): MethodPlan | NoMethodPlan {
  const refusal = refuse(request);
  if (refusal !== null) return refusal;
  try {
    const asked = withHeldHours(request);
    if ('kind' in asked) return asked;
    const plan = planned(asked);
    if (plan.kind === 'infeasible' || asked === request) return plan;
    return { ...plan, method: rangesBack(plan.method, request.method) };
  } catch (error) {
    if (!(error instanceof DomainError) || error.code !== STEP_REFUSED) throw error;
    return {
      kind: 'infeasible',
      because: 'a step can not be',
      says: error.message,
      earliestReadyMs: null,
    };
  }
}

function planned(request: MethodRequest): MethodPlan | NoMethodPlan {
  if (isHeldOutOfOrder(request)) {
    return { kind: 'infeasible', because: 'moments out of order', earliestReadyMs: null };
  }
  // What is sought is run coarsely; what is found, as every other plan is.
  const seeking = request.solved === undefined ? { ...request, look: SOUGHT } : request;
  const { mixAtMs, drafted } = foundMix(seeking);
  const firstMs = firstStepMs(request, mixAtMs, drafted.moments.leavenAtMs);
  if (firstMs < request.nowMs - MS_PER_MINUTE) {
    const late = hoursBetween(firstMs, request.nowMs);
    return {
      kind: 'infeasible',
      because: 'too late to start',
      earliestReadyMs: roundUp(addHours(request.readyFromMs, late)),
    };
  }
  const order = Object.values(drafted.moments.leavenAtMs).every((atMs) => atMs < mixAtMs);
  if (!order || mixAtMs >= request.readyToMs) {
    return { kind: 'infeasible', because: 'moments out of order', earliestReadyMs: null };
  }
  return finished(request, drafted);
}

/** True where a leaven is held after the mix that takes it. */
function isHeldOutOfOrder({ held: { mixAtMs = Infinity, leavenAtMs = {} } }: MethodRequest) {
  return Object.values(leavenAtMs).some((atMs) => atMs >= mixAtMs);
}

/** The first hour at which anybody has to do something: feeds in a row come before a seeded leaven. */
function firstStepMs(
  request: MethodRequest,
  mixAtMs: number,
  leavenAtMs: Readonly<Record<string, number>>,
): number {
  const { method } = request;
  const starts = method.dough.leavens.flatMap((leaven) => {
    const atMs = leavenAtMs[leaven.id];
    if (atMs === undefined) return [];
    return leaven.made.by === 'seed' ? [...feedHours(request, leaven.id, atMs), atMs] : [atMs];
  });
  return Math.min(mixAtMs, soakBefore(method.mix, mixAtMs)?.atMs ?? mixAtMs, ...starts);
}

function refuse(request: MethodRequest): NoMethodPlan | null {
  if (request.readyToMs <= request.readyFromMs) {
    return { kind: 'infeasible', because: 'ends before it starts', earliestReadyMs: null };
  }
  if (request.readyFromMs <= request.nowMs) {
    return { kind: 'infeasible', because: 'bake in the past', earliestReadyMs: null };
  }
  if (hoursBetween(request.nowMs, request.readyFromMs) > FURTHEST_H) {
    return { kind: 'infeasible', because: 'too far ahead', earliestReadyMs: null };
  }
  if (hoursBetween(request.readyFromMs, request.readyToMs) > LONGEST_SERVICE_H) {
    return { kind: 'infeasible', because: 'service too long', earliestReadyMs: null };
  }
  return null;
}

/** What was found, run as finely and as far as every other plan; what was run so already, as it is. */
function ranAgain(request: MethodRequest, before: Draft): Draft {
  const { withBands, solved } = request;
  if (solved !== undefined && !withBands) return before;
  const lots = forecastActs(request, before.run, { withBands });
  return { ...before, lots, balls: plannedLot(lots, before.ids.pieceIds[0] ?? '', before.run) };
}

function finished(request: MethodRequest, before: Draft): MethodPlan {
  const { method, moments } = before;
  const refreshments =
    request.solved?.refreshments ??
    refreshmentsFor({ method, columns: before.columns, leavenAtMs: moments.leavenAtMs }, request);
  const fresh = request.solved === undefined && refreshments.length > 0;
  const { withBands } = request;
  const whole = fresh
    ? drafted(request, method, moments, { withBands, refreshments })
    : ranAgain(request, before);
  const { columns, pieces, steps, run, ids, lots, balls } = whole;
  const lot = (id: string) => plannedLot(lots, id, run);
  const leavens = columns.leavens.map(({ leaven }): PlannedLeaven => {
    const { made } = leaven;
    const lotId = made.by === 'taken' ? ids.sourceIds[leaven.id] : ids.leavenIds[leaven.id];
    return {
      leavenId: leaven.id,
      name: leaven.name,
      atMs: moments.leavenAtMs[leaven.id] ?? null,
      forecast: lot(lotId ?? ''),
      ripens: !BY_TAKING_KINDS.has(leaven.kind),
      byYeast: made.by === 'yeast',
      raisedBy: made.by === 'yeast' ? made.freshShare : made.by === 'seed' ? made.seedShare : null,
    };
  });
  const plan = {
    kind: 'plan' as const,
    method,
    columns,
    leavens,
    refreshments,
    mixAtMs: moments.mixAtMs,
    batches: moments.batches,
    ballAtMs: addHours(moments.mixAtMs, hoursToBalls(method, moments.batches)),
    steps,
    run,
    ids,
    dough: lot(ids.doughId),
    balls,
    pieces: ids.pieceIds.map(lot),
    lots,
    waves: request.waves ?? null,
  };
  return { ...plan, remarks: remarksOn(plan, pieces, request) };
}

const FIVE_MINUTES_MS = 5 * MS_PER_MINUTE;
const roundUp = (atMs: number) => Math.ceil(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
