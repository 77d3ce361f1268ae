import { warmHours, type LotForecast } from '../forecast';
import { normalBelow } from '../numeric';
import { MS_PER_HOUR } from '../units';

/** Doubt of when a lot is ready, sd of ln hours since it was mixed. Set, from the bands of leavens and of doughs. */
export const LN_SD = { leaven: 0.14, dough: 0.14 } as const;

/** A lot that has to be inside its window from one instant to another, its hours counted from when it was mixed. */
export interface Turn {
  readonly lot: LotForecast;
  readonly mixedAtMs: number;
  readonly fromMs: number;
  readonly toMs: number;
  /** Doubt beside the dough's own, sd of ln hours. */
  readonly extraLnSd: number;
}

/** Steps in which another hour is looked for, h, and how far it may lie. */
const SHIFT_STEP_H = 1 / 12;
const MOST_SHIFT_H = 4;

/**
 * By how many hours a mix had better come later (below 0: earlier), so that the balls of a turn are as likely to be open at
 * its beginning as not to be past at its end. 0 where nothing is gained by it.
 */
export function likelierShiftH(turn: Turn): number {
  if (turn.lot.window.opensMs === null) return 0;
  let best = { shiftH: 0, chance: chanceOfTurn(turn) };
  for (let step = -MOST_SHIFT_H; step <= MOST_SHIFT_H; step += SHIFT_STEP_H) {
    const chance = chanceOfTurn(turn, step);
    if (chance > best.chance + 1e-3) best = { shiftH: step, chance };
  }
  return best.shiftH;
}

/** Chance that a lot holds its turn, 0 to 1, were it mixed so many hours later: it is as old at its window, and stands earlier in it. */
export function chanceOfTurn(turn: Turn, shiftH = 0): number {
  const { lot, mixedAtMs, extraLnSd } = turn;
  const sd = Math.hypot(LN_SD.dough, extraLnSd);
  const at = (atMs: number) => chanceInside(lot, mixedAtMs, atMs - shiftH * MS_PER_HOUR, sd);
  return Math.min(at(turn.fromMs), at(turn.toMs));
}

/** Chance that a lot is inside its window at an instant, 0 to 1, from the window alone: the doubt is a share of the hours since a start, as
 * warm as they were. */
export function chanceInside(
  lot: LotForecast,
  startMs: number,
  atMs: number,
  lnSd: number,
): number {
  const { window } = lot;
  if (window.opensMs === null) return 0;
  const passed = (momentMs: number) => {
    const ratio = warmHours(lot, startMs, atMs) / Math.max(1e-3, warmHours(lot, startMs, momentMs));
    return ratio <= 0 ? 0 : normalBelow(Math.log(ratio) / lnSd);
  };
  const closed = window.closesMs === null ? 0 : passed(window.closesMs);
  return Math.max(0, passed(window.opensMs) - closed);
}
