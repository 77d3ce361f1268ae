import { formulaColumns } from '../formula';
import { addHours, hoursBetween } from '../units';
import { previewPoolish } from './preview';
import type { PlanRequest } from './request';
import { findRoot } from '../numeric';

/** Doses of a poolish, fresh yeast over its flour: from next to nothing to a short one. Source: the trade’s ranges, widened. */
export const DOSE_RANGE = { least: 0.0001, most: 0.03 } as const;

/** A dose that makes the poolish best at an hour, or the nearest that can be had. */
export type DoseAnswer =
  | { readonly kind: 'dose'; readonly freshShare: number }
  | {
      readonly kind: 'out of range';
      /** Hours to best with the largest and with the smallest dose. */
      readonly shortestH: number;
      readonly longestH: number;
      /** The bound that stops it. */
      readonly freshShare: number;
    };

/** Half a minute, in ln of about half a day: tighter than any clock in a bakery. */
const LN_TOLERANCE = 2e-4;

/**
 * Solves the yeast dose of a poolish so that it is best at the hour of mixing.
 * @param atMs when the poolish is made
 * @param mixAtMs when it should be best
 */
export function solveDose(request: PlanRequest, atMs: number, mixAtMs: number): DoseAnswer {
  const hours = (freshShare: number) => {
    const columns = formulaColumns(request.formula, freshShare, {
      ...request.steps,
      fineStepG: 1e-6,
    });
    const { bestMs } = previewPoolish(request, atMs, columns).window;
    return bestMs === null ? null : hoursBetween(atMs, bestMs);
  };
  const shortestH = hours(DOSE_RANGE.most) ?? Infinity;
  const longestH = hours(DOSE_RANGE.least) ?? Infinity;
  const wantedH = hoursBetween(atMs, mixAtMs);
  if (wantedH < shortestH || wantedH > longestH) {
    const freshShare = wantedH < shortestH ? DOSE_RANGE.most : DOSE_RANGE.least;
    return { kind: 'out of range', shortestH, longestH, freshShare };
  }
  const wantedLn = Math.log(wantedH);
  const root = findRoot(
    (lnDose) => Math.log(Math.min(hours(Math.exp(lnDose)) ?? 1e3, 1e3)) - wantedLn,
    { low: Math.log(DOSE_RANGE.least), high: Math.log(DOSE_RANGE.most) },
    LN_TOLERANCE,
  );
  return { kind: 'dose', freshShare: Math.exp(root) };
}

/** Hours in which a poolish can be made to peak, from the largest to the smallest dose, started at an instant. */
export function poolishHours(
  request: PlanRequest,
  atMs: number,
): { shortestH: number; longestH: number } {
  const answer = solveDose(request, atMs, addHours(atMs, 0.01));
  return answer.kind === 'out of range'
    ? { shortestH: answer.shortestH, longestH: answer.longestH }
    : { shortestH: 0, longestH: Infinity };
}
