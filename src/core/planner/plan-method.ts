import type { LotForecast } from '../forecast';
import type { DoughColumns, Product } from '../formula';
import { hoursRange, usualHours, type Method } from '../methods';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { assumedSources } from './assumed-sources';
import type { BakeStep } from './bake-acts';
import { piecesOf, type MethodLots, type MethodMoments } from './method-acts';
import { forecastActs } from './forecast-acts';
import { draftLots, methodColumns, realSources, stepsOf } from './method-draft';
import { leavenStarts, solveLeavens } from './method-leavens';
import { remarksOn } from './method-remarks';
import { refreshmentsFor, type Refreshments } from './refreshments';
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
  const { mixAtMs, drafted } = settled(request);
  const firstMs = firstStepMs(request.method, mixAtMs, drafted.moments.leavenAtMs);
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

/** The first hour at which anybody has to do something: feeds in a row come before a seeded leaven. */
function firstStepMs(
  method: Method,
  mixAtMs: number,
  leavenAtMs: Readonly<Record<string, number>>,
): number {
  const { count, everyH } = method.refreshments;
  const starts = method.dough.leavens.flatMap((leaven) => {
    const atMs = leavenAtMs[leaven.id];
    if (atMs === undefined) return [];
    return [leaven.made.by === 'seed' ? addHours(atMs, -count * everyH) : atMs];
  });
  return Math.min(mixAtMs, ...starts);
}

/** The hour of the mix, or where the balls come out of the cold the hours they temper, so that they open in time. */
function settled(request: MethodRequest): { mixAtMs: number; drafted: Draft } {
  let asked = request;
  let mixAtMs = firstMix(request);
  let drafted = draft(asked, mixAtMs);
  for (let turn = 0; turn < TURNS; turn += 1) {
    const before = { asked, mixAtMs };
    if (request.method.balls.length > 1) asked = better(asked, drafted.balls);
    if (asked === before.asked && request.held.mixAtMs === undefined) {
      mixAtMs = betterMix(asked, mixAtMs, drafted.balls);
    }
    if (asked === before.asked && Math.abs(mixAtMs - before.mixAtMs) < CLOSE_MS) break;
    drafted = draft(asked, mixAtMs);
  }
  const workingMs = request.held.mixAtMs ?? workingMix(asked, mixAtMs);
  if (workingMs === mixAtMs) return { mixAtMs, drafted };
  drafted = draft(asked, workingMs);
  return { mixAtMs: workingMs, drafted: draft(better(asked, drafted.balls), workingMs) };
}

/** Where cold balls wait anyway, the mix and the balling move to hours at which somebody works. */
function workingMix(request: MethodRequest, mixAtMs: number): number {
  const { method, readyFromMs, workingHours, timeZone, nowMs } = request;
  if (method.balls.length < 2) return mixAtMs;
  const bulkH = usualHours(method.bulk);
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
  return null;
}

/** Everything of a bake for one hour of the mix. */
interface Draft {
  readonly method: Method;
  readonly columns: DoughColumns;
  readonly pieces: readonly Product[];
  readonly moments: MethodMoments;
  readonly steps: readonly BakeStep[];
  /** The steps as they are run: with stand-ins for what is not in the shop yet. */
  readonly run: readonly BakeStep[];
  readonly ids: MethodLots;
  readonly lots: ReadonlyMap<string, LotForecast>;
  readonly balls: LotForecast;
}

function draft(request: MethodRequest, mixAtMs: number): Draft {
  const leavenAtMs = leavenStarts(request, mixAtMs);
  const method = solveLeavens(request, leavenAtMs, mixAtMs);
  const moments: MethodMoments = {
    leavenAtMs,
    mixAtMs,
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
    ...(request.waves === undefined ? {} : { waves: request.waves }),
  };
  return drafted(request, method, moments, { withBands: false, refreshments: [] });
}

function drafted(
  request: MethodRequest,
  method: Method,
  moments: MethodMoments,
  options: { readonly withBands: boolean; readonly refreshments: Refreshments },
): Draft {
  const { withBands, refreshments } = options;
  const columns = methodColumns(method, request);
  const pieces = waved(
    request,
    piecesOf(method, columns, request.pantry, request.steps.scaleStepG),
  );
  const ids = draftIds(request, method, { columns, pieces, refreshments });
  const steps = stepsOf(request, { method, columns, pieces, moments, refreshments }, ids);
  const run = runnable(request, steps, { method, columns, pieces, moments, ids });
  const forecast = forecastActs(request, run, { withBands });
  const balls = forecast.get(ids.pieceIds[0] ?? '') as LotForecast;
  return { method, columns, pieces, moments, steps, run, ids, lots: forecast, balls };
}

/** The steps with stand-ins for what is not in the shop yet: feeds without a jar are not run, their last is ripe. */
function runnable(
  request: MethodRequest,
  steps: readonly BakeStep[],
  plan: Pick<Draft, 'method' | 'columns' | 'pieces' | 'moments' | 'ids'>,
): readonly BakeStep[] {
  const { columns, moments, ids } = plan;
  const fedFromNothing = Object.keys(ids.refreshIds).some((id) =>
    ids.sourceIds[id]?.startsWith('source:'),
  );
  if (!fedFromNothing) return [...assumedSources(columns, moments, ids, request), ...steps];
  const plain = { ...ids, refreshIds: {} };
  return [
    ...assumedSources(columns, moments, plain, request),
    ...stepsOf(request, { ...plan, refreshments: [] }, plain),
  ];
}

/** The ids of a draft: jars that are taken from as they stand keep their own. */
function draftIds(
  request: MethodRequest,
  method: Method,
  plan: Pick<Draft, 'columns' | 'pieces'> & { readonly refreshments: Refreshments },
): MethodLots {
  const { columns, pieces, refreshments } = plan;
  const real = realSources(columns, request);
  // Its seed comes from the feeds before it: ripe by then, though they are not run with it.
  const fed = columns.leavens.filter(
    ({ leaven }) => leaven.made.by === 'seed' && method.refreshments.count > 0,
  );
  const jars = Object.fromEntries(
    fed.flatMap(({ leaven }) => {
      const first = refreshments.find((one) => one.leavenId === leaven.id && one.number === 1);
      const jar = request.sources.find((one) => one.leavenId === leaven.id);
      const there = jar !== undefined && request.done !== undefined && first !== undefined;
      return there && first.motherG <= (jar.thereG ?? Infinity) ? [[leaven.id, jar.lotId]] : [];
    }),
  );
  const direct = Object.fromEntries(
    Object.entries(real).filter(([id]) => !fed.some(({ leaven }) => leaven.id === id)),
  );
  return refreshDrafts(refreshments, draftLots(method, pieces, { ...direct, ...jars }));
}

/** Balls in waves are as many pieces as there are waves. */
function waved({ waves }: MethodRequest, pieces: readonly Product[]): readonly Product[] {
  const [piece] = pieces;
  if (waves === undefined || piece === undefined) return pieces;
  return waves.map((wave, index) => ({ ...piece, name: `Balls ${index + 1}`, count: wave.count }));
}

function firstMix({ method, readyFromMs, held }: MethodRequest): number {
  if (held.mixAtMs !== undefined) return held.mixAtMs;
  return roundDown(addHours(readyFromMs, -usualHours(method.bulk) - usualHours(method.balls)));
}

/** Balls that are tempered longer or shorter, so that they open just before the service. */
function better(request: MethodRequest, balls: LotForecast): MethodRequest {
  const { method } = request;
  const last = method.balls.at(-1);
  if (last === undefined) return request;
  const apartH = lateH(request, balls);
  const hours = Math.max(last.leastH, Math.min(last.mostH, last.hours + apartH));
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

/** The mix whose balls open just before the service, within the hours that their stays may take. */
function betterMix(request: MethodRequest, mixAtMs: number, balls: LotForecast): number {
  const { method, readyFromMs } = request;
  const bulkH = usualHours(method.bulk);
  const { leastH, mostH } = hoursRange(method.balls);
  const latest = addHours(readyFromMs, -bulkH - leastH);
  const earliest = addHours(readyFromMs, -bulkH - mostH);
  const wanted = addHours(mixAtMs, -lateH(request, balls));
  return roundDown(Math.max(earliest, Math.min(latest, wanted)));
}

function finished(request: MethodRequest, before: Draft): MethodPlan {
  const { method, moments } = before;
  const refreshments = refreshmentsFor(
    { method, columns: before.columns, leavenAtMs: moments.leavenAtMs },
    request,
  );
  const again = request.withBands || refreshments.length > 0;
  const whole = again
    ? drafted(request, method, moments, { withBands: request.withBands, refreshments })
    : before;
  const { columns, pieces, steps, run, ids, lots, balls } = whole;
  const leavens = columns.leavens.map(({ leaven }): PlannedLeaven => {
    const { made } = leaven;
    const lotId = made.by === 'taken' ? ids.sourceIds[leaven.id] : ids.leavenIds[leaven.id];
    return {
      leavenId: leaven.id,
      name: leaven.name,
      atMs: moments.leavenAtMs[leaven.id] ?? null,
      forecast: lots.get(lotId ?? '') as LotForecast,
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
    ballAtMs: addHours(moments.mixAtMs, usualHours(method.bulk)),
    steps,
    run,
    ids,
    dough: lots.get(ids.doughId) as LotForecast,
    balls,
    pieces: ids.pieceIds.map((id) => lots.get(id) as LotForecast),
    lots,
    waves: request.waves ?? null,
  };
  return { ...plan, remarks: remarksOn(plan, pieces, request) };
}

/** Ids of the feeds in a row before their lots have codes. */
function refreshDrafts(refreshments: Refreshments, lots: MethodLots): MethodLots {
  const refreshIds: Record<string, string[]> = {};
  for (const { leavenId, number } of refreshments) {
    refreshIds[leavenId] = [...(refreshIds[leavenId] ?? []), `refresh:${leavenId}:${number}`];
  }
  return { ...lots, refreshIds };
}

const FIVE_MINUTES_MS = 5 * MS_PER_MINUTE;
const roundDown = (atMs: number) => Math.floor(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
const roundUp = (atMs: number) => Math.ceil(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
