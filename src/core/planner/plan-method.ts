import type { LotForecast } from '../forecast';
import { BY_TAKING_KINDS } from '../formula';
import { hoursRange, usualHours } from '../methods';
import { hoursToBalls, soakBefore } from '../mixing';
import { addHours, DomainError, hoursBetween, MS_PER_MINUTE } from '../units';
import { rangesBack, withHeldHours } from './held-hours';
import { isFree, leadsOn, likelierMix, type Settled } from './likelier-mix';
import { forecastActs } from './forecast-acts';
import { batchesOf, draft, drafted, type Draft } from './drafted';
import { remarksOn } from './method-remarks';
import { inFives } from './wave-rules';
import { FURTHEST_H, LONGEST_SERVICE_H } from './reach';
import { plannedLot, STEP_REFUSED } from './refused-step';
import { SOUGHT, SOUGHT_ROUGHLY } from './sought';
import { feedHours, refreshmentsFor } from './refreshments';
import { isWorking } from './working-hours';
import type { MethodPlan, MethodRequest, NoMethodPlan, PlannedLeaven } from './method-request';

/** Balls open at least this long before the service, and sooner when their window is longer than it. */
const OPEN_BEFORE_H = 0.1;
const MOST_EARLY_H = 1;
/** Turns in which the mix finds its hour: each ends within a few minutes of the one before. */
const TURNS = 6;
const CLOSE_MS = 4 * MS_PER_MINUTE;

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
  const { mixAtMs, drafted } = found(seeking);
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

/** The hour of the mix: the likeliest, or where nothing is gained by that, the one at which the balls open in time. */
function found(request: MethodRequest): Settled {
  const isRough = isFree(request);
  const mixAtMs = firstMix(request);
  const asked = isRough ? { ...request, look: SOUGHT_ROUGHLY } : request;
  const first = { mixAtMs, drafted: draft(asked, mixAtMs, null) };
  const shiftH = isRough ? leadsOn(request, first, settlesH(request, first)) : null;
  if (shiftH !== null) {
    const likelier = likelierMix(request, first, shiftH);
    if (likelier !== first) return likelier;
  }
  return likelierMix(request, settled(request, first, isRough));
}

/** The hour of the mix, or where the balls come out of the cold the hours they temper, so that they open in time. */
function settled(request: MethodRequest, first: Settled, isRough: boolean): Settled {
  let asked = request;
  let { mixAtMs, drafted } = first;
  for (let turn = 0; turn < TURNS; turn += 1) {
    if (request.waves !== undefined) break;
    const before = { asked, mixAtMs };
    if (request.method.balls.length > 1) asked = better(asked, drafted.balls);
    if (asked === before.asked && request.held.mixAtMs === undefined) {
      mixAtMs = workingMix(asked, betterMix(asked, mixAtMs, drafted.balls));
    }
    const isClose = asked === before.asked && Math.abs(mixAtMs - before.mixAtMs) < CLOSE_MS;
    if (isClose && !(isRough && turn === 0)) break;
    drafted = draft(asked, mixAtMs, drafted);
  }
  const workingMs = request.held.mixAtMs ?? workingMix(asked, mixAtMs);
  if (workingMs === mixAtMs) return { mixAtMs, drafted };
  drafted = draft(asked, workingMs, drafted);
  return { mixAtMs: workingMs, drafted: draft(better(asked, drafted.balls), workingMs, drafted) };
}

/** Where cold balls wait anyway, the mix and the balling move to hours at which somebody works. */
function workingMix(request: MethodRequest, mixAtMs: number): number {
  const { method, readyFromMs, workingHours, timeZone, nowMs } = request;
  if (method.balls.length < 2) return mixAtMs;
  const bulkH = hoursToBalls(method, batchesOf(request));
  const works = (atMs: number) =>
    isWorking(atMs, workingHours, timeZone) &&
    isWorking(addHours(atMs, bulkH), workingHours, timeZone);
  if (works(mixAtMs)) return mixAtMs;
  const { leastH, mostH } = hoursRange(method.balls);
  const span = {
    fromMs: Math.max(nowMs, addHours(readyFromMs, -bulkH - mostH)),
    toMs: addHours(readyFromMs, -bulkH - leastH),
  };
  let nearest = mixAtMs;
  for (let atMs = roundUp(span.fromMs); atMs <= span.toMs; atMs += 3 * FIVE_MINUTES_MS) {
    const nearer = nearest === mixAtMs || Math.abs(atMs - mixAtMs) < Math.abs(nearest - mixAtMs);
    if (nearer && works(atMs)) nearest = atMs;
  }
  return nearest;
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

function firstMix(request: MethodRequest): number {
  const { method, readyFromMs, held } = request;
  if (held.mixAtMs !== undefined) return held.mixAtMs;
  const doughH = hoursToBalls(method, batchesOf(request));
  return roundDown(addHours(readyFromMs, -doughH - usualHours(method.balls)));
}

/** Balls that are tempered longer or shorter, so that they open just before the service. */
function better(request: MethodRequest, balls: LotForecast): MethodRequest {
  const { method } = request;
  const last = method.balls.at(-1);
  if (last === undefined) return request;
  const apartH = lateH(request, balls);
  const hours = Math.max(last.leastH, Math.min(last.mostH, inFives(last.hours + apartH)));
  if (Math.abs(hours - last.hours) * 60 * MS_PER_MINUTE < CLOSE_MS) return request;
  return {
    ...request,
    method: { ...method, balls: [...method.balls.slice(0, -1), { ...last, hours }] },
  };
}

/** By how much balls open later than they should, h; below 0: earlier. What their window has over is shared on both sides. */
function lateH({ readyFromMs, readyToMs }: MethodRequest, balls: LotForecast): number {
  const { opensMs, closesMs } = balls.window;
  if (opensMs === null) return NEVER_H;
  const serviceH = hoursBetween(readyFromMs, readyToMs);
  const spareH = closesMs === null ? Infinity : hoursBetween(opensMs, closesMs) - serviceH;
  const earlyH = Math.max(OPEN_BEFORE_H, Math.min(MOST_EARLY_H, spareH / 2));
  return hoursBetween(addHours(readyFromMs, -earlyH), opensMs);
}
const NEVER_H = 1000;

/** By how many hours a bake settles later, the hours that its balls may take given. */
function settlesH(request: MethodRequest, { mixAtMs, drafted }: Settled): number {
  if (request.method.balls.length > 1) {
    const tempered = better(request, drafted.balls).method.balls.at(-1)?.hours ?? 0;
    return (request.method.balls.at(-1)?.hours ?? 0) - tempered;
  }
  return hoursBetween(mixAtMs, betterMix(request, mixAtMs, drafted.balls));
}

/** The mix whose balls open just before the service, within the hours that their stays may take. */
function betterMix(request: MethodRequest, mixAtMs: number, balls: LotForecast): number {
  const { method, readyFromMs } = request;
  const bulkH = hoursToBalls(method, batchesOf(request));
  const { leastH, mostH } = hoursRange(method.balls);
  const latest = addHours(readyFromMs, -bulkH - leastH);
  const earliest = addHours(readyFromMs, -bulkH - mostH);
  const wanted = addHours(mixAtMs, -lateH(request, balls));
  return roundDown(Math.max(earliest, Math.min(latest, wanted)));
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
const roundDown = (atMs: number) => Math.floor(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
const roundUp = (atMs: number) => Math.ceil(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
