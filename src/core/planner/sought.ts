import type { Look } from '../forecast';

/** Steps in which lots are run while a plan is sought, h: their windows are within two minutes of those of the finest. */
const STEP_H = 0.2;
/** A best that comes later than so much of the hours wanted is too late by any measure. */
const LOOKED_FOR = { times: 1.3, andH: 1 } as const;

/** How the lots of a plan that is sought are run: to a little past their end. */
export const SOUGHT: Look = { stepH: STEP_H };

/** How a leaven alone is run while its dose is sought, so that it is best after so many hours. */
export const lookFor = (wantedH: number): Look => ({
  stepH: STEP_H,
  hours: wantedH * LOOKED_FOR.times + LOOKED_FOR.andH,
});
