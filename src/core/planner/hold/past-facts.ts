import { stateAt, type LotForecast } from '../../forecast';
import { acidToPh, X } from '../../kinetics';
import { hoursBetween } from '../../units';

/** What a leaven past its window still is. */
export interface PastFacts {
  /** Hours past its closing. */
  readonly pastH: number;
  readonly ph: number;
  /** Strength left of its gluten, 1 → 0. */
  readonly gluten: number;
  /** The most of the dough’s flour that it may still hold, so that the dough keeps its strength; 0: throw it away. */
  readonly shareUpTo: number;
}

/** A dough mixed with it has at least this much of its gluten. Set: balls are slack at 0.6, half of the way is kept. */
const LEAST_DOUGH_GLUTEN = 0.8;
/** Sourer than this it tastes of it at any share. Set. */
const LEAST_PH = 3.6;
/** Never more than all but a little. */
const MOST_SHARE = 0.5;

/** How far a leaven past its window is still good, and at which share; null for one that is not past it. */
export function pastFacts(lot: LotForecast | undefined, nowMs: number): PastFacts | null {
  const closesMs = lot?.window.closesMs ?? null;
  if (lot === undefined || closesMs === null || closesMs >= nowMs) return null;
  const state = stateAt(lot.run, lot.story.startMs, nowMs);
  const gluten = state[X.gluten] ?? 1;
  const { wholegrainShare, model } = lot.run.constants;
  const ph = acidToPh(state[X.acid] ?? 0, wholegrainShare, model);
  const byGluten = gluten >= 1 ? 1 : (1 - LEAST_DOUGH_GLUTEN) / (1 - gluten);
  const shareUpTo = ph < LEAST_PH ? 0 : Math.min(MOST_SHARE, byGluten);
  return { pastH: hoursBetween(closesMs, nowMs), ph, gluten, shareUpTo };
}
