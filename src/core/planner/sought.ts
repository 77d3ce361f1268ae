import type { Look, LotForecast } from '../forecast';

/** Steps in which lots are run while a plan is sought, h: their windows are within two minutes of those of the finest. */
const STEP_H = 0.2;
/** A best that comes later than so much of the hours wanted is too late by any measure. */
const LOOKED_FOR = { times: 1.3, andH: 1 } as const;
/** What opens and is not best by then may be best much later, or never: it is run on for so many hours. */
const ON_H = 96;

/** How the lots of a plan that is sought are run: to a little past their end. */
export const SOUGHT: Look = { stepH: STEP_H };

type Window = LotForecast['window'];

/**
 * The window of a leaven alone, while it is sought so that it is best after so many hours: run to a little past them, and on
 * where it opens by then and is not best.
 */
export function windowSought(
  wantedH: number,
  run: (look: Look) => Window | undefined,
): Window | undefined {
  const hours = wantedH * LOOKED_FOR.times + LOOKED_FOR.andH;
  const near = run({ stepH: STEP_H, hours });
  if (near === undefined || near.bestMs !== null || near.opensMs === null) return near;
  return run({ stepH: STEP_H, hours: wantedH + ON_H });
}
