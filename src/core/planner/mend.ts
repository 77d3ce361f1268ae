import type { Target } from '../formula';
import { addHours, hoursBetween } from '../units';
import type { MethodRequest, NoMethodPlan } from './method-request';
import { planMethod } from './plan-method';
import { FURTHEST_H, LONGEST_SERVICE_H } from './reach';

/** The smallest change of a bake with which it can be planned. */
export type Mend =
  | { readonly kind: 'serve'; readonly fromMs: number; readonly toMs: number }
  /** Hours that are held are let go: those within the dough, the leavens’, or the mix’s with them. */
  | { readonly kind: 'free'; readonly of: (typeof FREED)[number] }
  /** So many times as much is made. */
  | { readonly kind: 'more'; readonly times: number };

/** What is let go, the least first. */
const FREED = ['hours', 'leavens', 'all'] as const;
/** What is too little to be weighed is tried in so many times as much. */
const TIMES = [2, 3, 4, 6, 8, 12, 16] as const;
const DAY_H = 24;
/** A service without a length is taken to be so long, h. */
const USUAL_SERVICE_H = 2;

/**
 * What mends a bake that can not be planned: another service, an hour that is let go, or more of it; null where none of them
 * does. What is answered was planned: it can be.
 */
export function mendOf(request: MethodRequest, why: NoMethodPlan): Mend | null {
  for (const mend of mends(request, why)) {
    const found = planMethod(mended(request, mend));
    if (found.kind === 'plan') return mend;
    // Late for that hour, too: then from the first at which it can be begun.
    if (mend.kind === 'serve' && found.earliestReadyMs !== null) {
      const later = servedFrom(request, found.earliestReadyMs);
      if (planMethod(mended(request, later)).kind === 'plan') return later;
    }
  }
  return null;
}

/** A bake with its change. */
export function mended(request: MethodRequest, mend: Mend): MethodRequest {
  if (mend.kind === 'serve') {
    return { ...request, readyFromMs: mend.fromMs, readyToMs: mend.toMs };
  }
  if (mend.kind === 'more') {
    const { method } = request;
    return { ...request, method: { ...method, target: targetTimes(method.target, mend.times) } };
  }
  const { mixAtMs, leavenAtMs } = request.held;
  if (mend.of === 'all') return { ...request, held: {} };
  const held = {
    ...(mixAtMs === undefined ? {} : { mixAtMs }),
    ...(mend.of === 'leavens' || leavenAtMs === undefined ? {} : { leavenAtMs }),
  };
  return { ...request, held };
}

/** A target so many times as large: pieces, where it counts them, else its weight. */
export function targetTimes(target: Target, times: number): Target {
  switch (target.by) {
    case 'products': {
      const products = target.products.map((one) => ({ ...one, count: one.count * times }));
      return { ...target, products };
    }
    case 'diameter':
    case 'tray':
      return { ...target, count: target.count * times };
    case 'flour':
      return { ...target, flourG: target.flourG * times };
    case 'leaven':
      return { ...target, massG: target.massG * times };
    case 'dough':
      return { ...target, doughG: target.doughG * times };
  }
}

/** Changes that might do, the smallest first. */
function mends(request: MethodRequest, why: NoMethodPlan): Mend[] {
  const { readyFromMs, readyToMs, nowMs } = request;
  switch (why.because) {
    case 'too late to start':
      return why.earliestReadyMs === null ? [] : [servedFrom(request, why.earliestReadyMs)];
    case 'bake in the past': {
      const days = Math.ceil(hoursBetween(readyFromMs, nowMs) / DAY_H + 1e-6);
      return [servedFrom(request, addHours(readyFromMs, days * DAY_H))];
    }
    case 'too far ahead': {
      const days = Math.ceil((hoursBetween(nowMs, readyFromMs) - FURTHEST_H) / DAY_H);
      return [servedFrom(request, addHours(readyFromMs, -days * DAY_H))];
    }
    case 'service too long':
      return [
        { kind: 'serve', fromMs: readyFromMs, toMs: addHours(readyFromMs, LONGEST_SERVICE_H) },
      ];
    case 'ends before it starts': {
      // An end after midnight is the next day’s.
      const days = Math.floor(hoursBetween(readyToMs, readyFromMs) / DAY_H) + 1;
      const endMs = addHours(readyToMs, days * DAY_H);
      const ends = days === 1 ? [endMs] : [];
      return [...ends, addHours(readyFromMs, USUAL_SERVICE_H)].map((toMs) => ({
        kind: 'serve',
        fromMs: readyFromMs,
        toMs,
      }));
    }
    case 'moments out of order':
    case 'a step can not be':
      return [
        ...freeing(request).map((of) => ({ kind: 'free', of }) as const),
        ...TIMES.map((times) => ({ kind: 'more', times }) as const),
      ];
  }
}

/** What can be let go of what is held. */
function freeing({ held }: MethodRequest): (typeof FREED)[number][] {
  const has = {
    hours: (held.hours ?? []).length > 0,
    leavens: Object.keys(held.leavenAtMs ?? {}).length > 0,
    all: held.mixAtMs !== undefined,
  };
  return FREED.filter((of) => has[of]);
}

/** A service as long as it was, from another hour on. */
function servedFrom(
  { readyFromMs, readyToMs }: MethodRequest,
  fromMs: number,
): Mend & { readonly kind: 'serve' } {
  const hours = hoursBetween(readyFromMs, readyToMs);
  return { kind: 'serve', fromMs, toMs: addHours(fromMs, hours > 0 ? hours : USUAL_SERVICE_H) };
}
