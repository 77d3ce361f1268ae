import { tr } from '@/words/tr';
import { DomainError } from '../units';
import { NO_DOUBT } from './doubt';
import { readRequest, runRequest, type MassRequest } from './mass-request';
import { findRoot } from '../numeric';

/** What may be unknown. */
export type Unknown =
  | { readonly of: 'dose'; readonly least: number; readonly most: number }
  | { readonly of: 'seed'; readonly least: number; readonly most: number }
  | { readonly of: 'place'; readonly fromH: number; readonly least: number; readonly most: number };

/** The unknown found, or the nearest there is and the bound that stops it. */
export type Inversion =
  | { readonly kind: 'found'; readonly value: number; readonly range: FeasibleHours }
  | {
      readonly kind: 'out of range';
      readonly nearest: number;
      readonly bound: 'least' | 'most';
      readonly range: FeasibleHours;
    };

/** Hours to best at the two bounds of the unknown; null where it never gets there. */
export interface FeasibleHours {
  readonly atLeastH: number | null;
  readonly atMostH: number | null;
}

/** In ln of hours: about half a minute in half a day. */
const LN_TOLERANCE = 5e-4;
/** Hours that stand for "never" between the bounds: longer than any run. */
const BEYOND_H = 5000;

/**
 * Solves the unknown of a mass so that it is best (or, without a best, opens) at a wanted hour.
 * Dose and seed are sought in their logarithm; about seven runs.
 * @throws {DomainError} unknown-range, wanted-hour-range
 */
export function invert(request: MassRequest, unknown: Unknown, wantedH: number): Inversion {
  checkUnknown(unknown, wantedH);
  return solveHours(
    (value) => {
      const changed = withUnknown(request, unknown, value);
      const window = readRequest(changed, runRequest(changed, NO_DOUBT));
      return window.bestH ?? window.opensH;
    },
    { least: unknown.least, most: unknown.most, linear: unknown.of === 'place' },
    wantedH,
  );
}

/** Where an unknown is sought. */
export interface SearchRange {
  readonly least: number;
  readonly most: number;
  /** Sought as it is, not in its logarithm. */
  readonly linear: boolean;
}

/**
 * The value at which a mass is best at a wanted hour: the more of it, the sooner.
 * @param hours hour of the best at a value; null where it never gets there
 */
export function solveHours(
  hours: (value: number) => number | null,
  { least, most, linear }: SearchRange,
  wantedH: number,
): Inversion {
  const inward = (value: number) => (linear ? value : Math.log(value));
  const outward = (x: number) => (linear ? x : Math.exp(x));
  const range: FeasibleHours = { atLeastH: hours(least), atMostH: hours(most) };
  if (wantedH > (range.atLeastH ?? BEYOND_H)) {
    return { kind: 'out of range', nearest: least, bound: 'least', range };
  }
  if (wantedH < (range.atMostH ?? BEYOND_H)) {
    return { kind: 'out of range', nearest: most, bound: 'most', range };
  }
  const off = (hour: number | null) =>
    Math.log(Math.min(hour ?? BEYOND_H, BEYOND_H)) - Math.log(wantedH);
  const root = findRoot(
    (x) => off(hours(outward(x))),
    {
      low: inward(least),
      high: inward(most),
      atLow: off(range.atLeastH),
      atHigh: off(range.atMostH),
    },
    LN_TOLERANCE,
  );
  return { kind: 'found', value: outward(root), range };
}

/** A request with its unknown set. */
export function withUnknown(request: MassRequest, unknown: Unknown, value: number): MassRequest {
  if (unknown.of === 'dose') return { ...request, freshShare: value };
  if (unknown.of === 'seed') {
    const [first, ...rest] = request.seeds;
    if (first === undefined) {
      throw new DomainError('unknown-range', tr`Seed: this mass has none to change.`, {});
    }
    return { ...request, seeds: [{ ...first, flourShare: value }, ...rest] };
  }
  return { ...request, stays: staysFrom(request, unknown.fromH, value) };
}

function staysFrom(request: MassRequest, fromH: number, placeC: number) {
  const before: MassRequest['stays'][number][] = [];
  let endH = 0;
  for (const stay of request.stays) {
    const hours = Math.min(stay.hours, Math.max(0, fromH - endH));
    if (hours > 0) before.push({ ...stay, hours });
    endH += stay.hours;
  }
  return [...before, { placeC, hours: Math.max(0.1, endH - fromH) }];
}

function checkUnknown(unknown: Unknown, wantedH: number): void {
  const { least, most } = unknown;
  const positive = unknown.of === 'place' || least > 0;
  if (!(Number.isFinite(least) && Number.isFinite(most) && least < most && positive)) {
    throw new DomainError('unknown-range', tr`Range: ${least} to ${most} is not possible.`, {
      least,
      most,
    });
  }
  if (!(wantedH > 0 && wantedH < BEYOND_H)) {
    throw new DomainError(
      'wanted-hour-range',
      tr`Hours: ${wantedH} is not possible. Allowed: above 0.`,
      { wantedH },
    );
  }
}
