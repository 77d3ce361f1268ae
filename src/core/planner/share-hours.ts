import {
  exchangeLeaven,
  leavenOf,
  usualLeaven,
  BY_TAKING_KINDS,
  type Leaven,
  type LeavenKind,
} from '../formula';
import type { Method, Stay } from '../methods';
import { addHours, DomainError, hoursBetween } from '../units';
import { assumedSources } from './assumed-sources';
import { leavenSteps, piecesOf } from './method-acts';
import { doughSteps } from './dough-steps';
import { forecastActs } from './forecast-acts';
import { draftLots, methodColumns } from './method-draft';
import type { MethodRequest } from './method-request';

/** A share of a leaven with what it makes of the dough’s hours. */
export interface ShareHours {
  readonly flourShare: number;
  /** Hours from a mix at the leaven’s best to balls that open, at room; null where it can not be. */
  readonly opensH: number | null;
  /** Why not; null where it can. */
  readonly why: string | null;
}

/** Shares shown. Source: pre-ferments hold 10–50 % of the flour. */
export const SHARES = [0.1, 0.2, 0.3, 0.4, 0.5] as const;
/** Long enough for any leaven to get there before the mix, h. */
const BUILD_BEFORE_H = 60;
const DEFAULT_STAY: Omit<Stay, 'placeId'> = { hours: 12, leastH: 4, mostH: 24 };

/**
 * Hours of the dough at a share of a leaven of a kind, all else of the whole staying as it is: the leaven is run to its
 * best, the dough from there to balls that open at room.
 */
export function hoursAtShare(
  request: MethodRequest,
  leavenId: string,
  to: { readonly kind: LeavenKind; readonly flourShare: number },
): ShareHours {
  const { flourShare } = to;
  try {
    return { flourShare, opensH: opensAfterH(request, leavenId, to), why: null };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { flourShare, opensH: null, why: error.message };
  }
}

function opensAfterH(
  request: MethodRequest,
  leavenId: string,
  to: { readonly kind: LeavenKind; readonly flourShare: number },
): number | null {
  const method = exchanged(request.method, leavenId, to);
  const columns = methodColumns(method, request);
  const builtMs = addHours(request.readyFromMs, -BUILD_BEFORE_H);
  const mixAtMs = bestMs(request, method, leavenOf(method.dough, leavenId), builtMs);
  if (mixAtMs === null) return null;
  const pieces = piecesOf(method, columns, request.pantry, request.steps.scaleStepG);
  const lots = draftLots(method, pieces);
  const moments = {
    leavenAtMs: Object.fromEntries(columns.leavens.map((one) => [one.leaven.id, builtMs])),
    mixAtMs,
    batches: 1,
    readyFromMs: addHours(mixAtMs, 40),
    readyToMs: addHours(mixAtMs, 43),
  };
  const steps = [
    ...assumedSources(columns, moments, lots, request),
    ...columns.leavens.flatMap((column) =>
      column.leaven.made.by === 'taken'
        ? []
        : leavenSteps(column, { atMs: builtMs, untilMs: mixAtMs, lots }, method, request.places),
    ),
    ...doughSteps(method, columns, moments, { lots, name: request.name, pieces, soak: request }),
  ];
  const balls = forecastActs(request, steps).get(lots.pieceIds[0] ?? '');
  const opensMs = balls?.window.opensMs ?? null;
  return opensMs === null ? null : hoursBetween(mixAtMs, opensMs);
}

/** A method with its leaven exchanged, its balls at room, and a place for a leaven that had none. */
function exchanged(
  method: Method,
  leavenId: string,
  to: { readonly kind: LeavenKind; readonly flourShare: number },
): Method {
  const dough = exchangeLeaven(method.dough, leavenId, to);
  const last = method.balls.at(-1) as Stay;
  const stays = method.leavenStays[leavenId];
  const needsPlace = !BY_TAKING_KINDS.has(to.kind) && stays === undefined;
  const at = method.bulk[0]?.placeId ?? last.placeId;
  return {
    ...method,
    dough,
    balls: [{ ...last, hours: 40, leastH: 0, mostH: 60 }],
    leavenStays: needsPlace
      ? { ...method.leavenStays, [leavenId]: [{ placeId: at, ...DEFAULT_STAY }] }
      : method.leavenStays,
  };
}

/** When a leaven built at an instant is best, or opens where it has no best; for one that is taken a day later. */
function bestMs(
  request: MethodRequest,
  method: Method,
  leaven: Leaven,
  builtMs: number,
): number | null {
  if (leaven.made.by === 'taken') return addHours(builtMs, 24);
  const columns = methodColumns(method, request);
  const only = {
    ...columns,
    leavens: columns.leavens.filter((one) => one.leaven.id === leaven.id),
  };
  const lots = draftLots(method, []);
  const mixAtMs = addHours(builtMs, BUILD_BEFORE_H);
  const moments = {
    leavenAtMs: { [leaven.id]: builtMs },
    mixAtMs,
    batches: 1,
    readyFromMs: mixAtMs,
    readyToMs: mixAtMs,
  };
  const column = only.leavens[0];
  if (column === undefined) return null;
  const steps = [
    ...assumedSources(only, moments, lots, request),
    ...leavenSteps(column, { atMs: builtMs, untilMs: mixAtMs, lots }, method, request.places),
  ];
  const window = forecastActs(request, steps).get(lots.leavenIds[leaven.id] ?? '')?.window;
  return window?.bestMs ?? window?.opensMs ?? null;
}

/** A leaven of another kind for a method, with a place to stand. */
export function withLeaven(method: Method, kind: LeavenKind, id: string): Method {
  const leaven = usualLeaven(kind, id);
  const at = method.bulk[0]?.placeId ?? '';
  return {
    ...method,
    dough: { ...method.dough, leavens: [...method.dough.leavens, leaven] },
    leavenStays: BY_TAKING_KINDS.has(kind)
      ? method.leavenStays
      : { ...method.leavenStays, [id]: [{ placeId: at, ...DEFAULT_STAY }] },
  };
}
