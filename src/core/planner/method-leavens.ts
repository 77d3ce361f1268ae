import type { LotForecast } from '../forecast';
import { flourFor, leavenColumnAlone, type Leaven } from '../formula';
import { hoursRange, usualHours, type Method } from '../methods';
import { addHours, hoursBetween } from '../units';
import { assumedSources } from './assumed-sources';
import { endsCold, leavenSteps } from './method-acts';
import { forecastActs } from './forecast-acts';
import { draftLots, realSources } from './method-draft';
import type { MethodRequest } from './method-request';
import { SOUGHT, soughtRipe, type LeavenSought } from './sought';
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

/** A method with its doses and seeds found, and what was found of each, to seek the next ones by. */
export interface Solved {
  readonly method: Method;
  readonly sought: Readonly<Record<string, LeavenSought>>;
}

/**
 * The method with every dose and seed found so that its leaven is as ripe at the mix as it is wanted; what has no such hour
 * stays as it is.
 * @param near what was found for about the same hours
 */
export function solveLeavens(
  request: MethodRequest,
  moments: {
    readonly leavenAtMs: Readonly<Record<string, number>>;
    readonly mixAtMs: number;
    readonly near?: Solved['sought'] | undefined;
  },
): Solved {
  const { leavenAtMs, mixAtMs, near = {} } = moments;
  const sought: Record<string, LeavenSought> = {};
  const method = request.method.dough.leavens.reduce((method, leaven) => {
    const atMs = leavenAtMs[leaven.id];
    if (atMs === undefined || isTyped(leaven) || !hasBest(leaven, method, request)) return method;
    const { target, dough, lossShare } = method;
    const at = { atMs, mixAtMs, flourG: flourFor(target, dough, lossShare, request.pantry) };
    const range = soughtFrom(leaven);
    const found = soughtRipe({
      startMs: atMs,
      wantedH: Math.max(0.1, hoursBetween(atMs, mixAtMs)),
      range,
      near: near[leaven.id] ?? range.near,
      stepH: (request.look ?? SOUGHT).stepH,
      windowAt: (value, look) =>
        windowAlone({ ...request, look }, withRaised(method, leaven, value), leaven, at),
    });
    sought[leaven.id] = found;
    return withRaised(method, leaven, found.value);
  }, request.method);
  return { method, sought };
}

/** Where a dose or a seed is sought: from what the method has for it. */
function soughtFrom({ made }: Leaven) {
  if (made.by === 'yeast') return { ...DOSE_RANGE, near: made.freshShare };
  return { ...SEED_RANGE, near: made.by === 'seed' ? made.seedShare : 1 };
}

/** True for a dose or a seed that the baker typed: it is weighed as it stands. */
const isTyped = ({ made }: Leaven) => made.by !== 'taken' && made.typed === true;

/** The window of a leaven alone, all else of its bake left out; undefined for one that is not made. */
function windowAlone(
  request: MethodRequest,
  method: Method,
  leaven: Leaven,
  at: { readonly atMs: number; readonly mixAtMs: number; readonly flourG: number },
): LotForecast['window'] | undefined {
  const { pantry } = request;
  const column = leavenColumnAlone(method.dough, leaven.id, at.flourG, { steps: FINEST, pantry });
  if (column === null) return undefined;
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
  return forecastActs(request, steps).get(lots.leavenIds[leaven.id] ?? '')?.window;
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
