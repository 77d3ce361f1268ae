import { solveHoursNear, type Look, type LotForecast } from '../forecast';
import { flourFor, leavenColumnAlone, leavenOf, type Leaven } from '../formula';
import { hoursRange, usualHours, type Method } from '../methods';
import { addHours, hoursBetween } from '../units';
import { assumedSources } from './assumed-sources';
import { endsCold, leavenSteps } from './method-acts';
import { forecastActs } from './forecast-acts';
import { draftLots, realSources } from './method-draft';
import type { MethodRequest } from './method-request';
import { windowSought } from './sought';
import { nearestWorking } from './working-hours';

/** Doses of a pre-ferment, fresh yeast over its flour: from next to nothing to a short one. Source: the trade’s ranges, widened. */
const DOSE_RANGE = { least: 0.0001, most: 0.03 } as const;
/** Seeds that make sense, ripe seed over the build’s flour. Source: the trade’s 10–50 %, widened to a 1 : 1 feed. */
const SEED_RANGE = { least: 0.02, most: 1 } as const;

/** While a dose is sought it is weighed as finely as it is found, g. */
const FINEST = { scaleStepG: 1e-3, fineStepG: 1e-6 } as const;
/** When each built leaven is started: its usual hours before the mix, moved into working hours where its stages allow. */
export function leavenStarts(request: MethodRequest, mixAtMs: number): Record<string, number> {
  const { method, held, workingHours, timeZone, nowMs } = request;
  const starts: Record<string, number> = {};
  for (const leaven of method.dough.leavens) {
    const stays = method.leavenStays[leaven.id];
    if (leaven.made.by === 'taken' || stays === undefined) continue;
    const heldMs = held.leavenAtMs?.[leaven.id];
    const { leastH, mostH } = hoursRange(stays);
    const wishMs = addHours(mixAtMs, -usualHours(stays));
    const toMs = addHours(mixAtMs, -leastH);
    const span = { fromMs: Math.min(toMs, Math.max(nowMs, addHours(mixAtMs, -mostH))), toMs };
    starts[leaven.id] = heldMs ?? nearestWorking(wishMs, span, workingHours, timeZone);
  }
  return starts;
}

/** True for a leaven whose dose or seed can be found for the hour of the mix: it has an hour to aim at. */
export function hasBest(leaven: Leaven, method: Method, request: MethodRequest): boolean {
  const stays = method.leavenStays[leaven.id];
  if (stays === undefined || leaven.made.by === 'taken') return false;
  return leaven.asks === 'prime' || !endsCold(stays, request.places, request.readyFromMs);
}

/** The method with every dose and seed found so that its leaven is as ripe at the mix as it is wanted; what has no such hour stays as it is. */
export function solveLeavens(
  request: MethodRequest,
  moments: {
    readonly leavenAtMs: Readonly<Record<string, number>>;
    readonly mixAtMs: number;
    /** The method with doses from which they are sought. */
    readonly near?: Method | undefined;
  },
): Method {
  const { leavenAtMs, mixAtMs, near = request.method } = moments;
  return request.method.dough.leavens.reduce((method, leaven) => {
    const atMs = leavenAtMs[leaven.id];
    if (atMs === undefined || isTyped(leaven) || !hasBest(leaven, method, request)) return method;
    const wantedH = Math.max(0.1, hoursBetween(atMs, mixAtMs));
    const { target, dough, lossShare } = method;
    const at = { atMs, mixAtMs, flourG: flourFor(target, dough, lossShare, request.pantry) };
    const hours = (value: number) =>
      bestAfterH(request, withRaised(method, leaven, value), leaven, at);
    return withRaised(
      method,
      leaven,
      solveHoursNear(hours, soughtFrom(leavenOf(near.dough, leaven.id)), wantedH),
    );
  }, request.method);
}

/** Where a dose or a seed is sought: from what the method has for it. */
function soughtFrom({ made }: Leaven) {
  if (made.by === 'yeast') return { ...DOSE_RANGE, near: made.freshShare };
  return { ...SEED_RANGE, near: made.by === 'seed' ? made.seedShare : 1 };
}

/** True for a dose or a seed that the baker typed: it is weighed as it stands. */
const isTyped = ({ made }: Leaven) => made.by !== 'taken' && made.typed === true;

/** Hours from the build to where a leaven alone is as wanted: its best, or halfway from young to prime; null for never. */
function bestAfterH(
  request: MethodRequest,
  method: Method,
  leaven: Leaven,
  at: { readonly atMs: number; readonly mixAtMs: number; readonly flourG: number },
): number | null {
  const { pantry } = request;
  const column = leavenColumnAlone(method.dough, leaven.id, at.flourG, { steps: FINEST, pantry });
  if (column === null) return null;
  const only = { leavens: [column] };
  // A seed that is refreshed first is ripe when it is taken.
  const refreshed = leaven.made.by === 'seed' && method.refreshments.count > 0;
  const lots = draftLots(method, [], refreshed ? {} : realSources(only, request));
  const moments = {
    leavenAtMs: { [leaven.id]: at.atMs },
    mixAtMs: at.mixAtMs,
    batches: 1,
    readyFromMs: request.readyFromMs,
    readyToMs: request.readyToMs,
  };
  const untilMs = addHours(at.mixAtMs, 48);
  const steps = [
    ...assumedSources(only, moments, lots, request),
    ...leavenSteps(column, { atMs: at.atMs, untilMs, lots }, method, request.places),
  ];
  const run = (look: Look) =>
    forecastActs(request, steps, { look }).get(lots.leavenIds[leaven.id] ?? '')?.window;
  const window = windowSought(hoursBetween(at.atMs, at.mixAtMs), run);
  const aimMs = window === undefined ? null : aimOf(window);
  return aimMs === null ? null : hoursBetween(at.atMs, aimMs);
}

function aimOf({ bestMs, opensMs, primeMs }: LotForecast['window']): number | null {
  if (bestMs !== null || opensMs === null) return bestMs;
  return primeMs === null ? opensMs : (opensMs + primeMs) / 2;
}

/** A method with another dose or seed of one leaven. */
export function withRaised(method: Method, leaven: Leaven, value: number): Method {
  const leavens = method.dough.leavens.map((one): Leaven => {
    if (one.id !== leaven.id) return one;
    if (one.made.by === 'yeast') return { ...one, made: { ...one.made, freshShare: value } };
    if (one.made.by === 'seed') return { ...one, made: { ...one.made, seedShare: value } };
    return one;
  });
  return { ...method, dough: { ...method.dough, leavens } };
}
