import { normalBelow } from '../../numeric';
import { hoursBetween, MS_PER_HOUR } from '../../units';
import type { LotForecast } from '../../forecast';
import type { MethodPlan } from '../method-request';
import { halfHours } from './demand';

/** Doubt of when a lot is ready, sd of ln hours since it was mixed. Set, from the bands of leavens and of doughs. */
const LN_SD = { leaven: 0.14, dough: 0.14 } as const;

/** Chances of a plan from its windows alone: a first guess, to choose which plans to run with drawn truths. */
export function quickOdds(
  plan: MethodPlan,
  pieces: readonly { readonly lotId: string; readonly fromMs: number; readonly toMs: number }[],
  service: { readonly readyFromMs: number; readonly readyToMs: number },
): { leaven: number; service: number } {
  const leaven = plan.leavens
    .filter((one) => one.atMs !== null)
    .reduce((sum, one) => {
      const chance = inside(one.forecast, one.atMs ?? plan.mixAtMs, plan.mixAtMs, LN_SD.leaven);
      return Math.min(sum, chance);
    }, 1);
  const sd = Math.hypot(LN_SD.dough, plan.dough?.extraLnSd ?? 0);
  const halves = halfHours(service.readyFromMs, service.readyToMs).map((half) =>
    pieces
      .filter((one) => one.fromMs < half.toMs && half.fromMs < one.toMs)
      .reduce((least, piece) => {
        const lot = plan.lots.get(piece.lotId);
        if (lot === undefined) return 0;
        const fromMs = Math.max(piece.fromMs, half.fromMs);
        const toMs = Math.min(piece.toMs, half.toMs);
        const open = inside(lot, plan.mixAtMs, fromMs, sd);
        return Math.min(least, open, inside(lot, plan.mixAtMs, toMs, sd));
      }, 1),
  );
  return { leaven, service: Math.min(...halves) };
}

/** Steps in which another hour for the mix is looked for, h, and how far it may lie. */
const SHIFT_STEP_H = 1 / 12;
const MOST_SHIFT_H = 4;

/**
 * By how many hours a plan's mix had better come later (below 0: earlier), so that the balls of its first turn are as likely
 * to be open at its beginning as not to be past at its end. 0 where nothing is gained by it.
 */
export function betterShiftH(
  plan: MethodPlan,
  turn: { readonly lotId: string; readonly fromMs: number; readonly toMs: number },
): number {
  const lot = plan.lots.get(turn.lotId);
  if (lot === undefined || lot.window.opensMs === null) return 0;
  const sd = Math.hypot(LN_SD.dough, plan.dough?.extraLnSd ?? 0);
  const chance = (shiftH: number) => {
    // A dough that is mixed later is as old at its window as before, and stands earlier in it.
    const at = (atMs: number) => inside(lot, plan.mixAtMs, atMs - shiftH * MS_PER_HOUR, sd);
    return Math.min(at(turn.fromMs), at(turn.toMs));
  };
  let best = { shiftH: 0, chance: chance(0) };
  for (let step = -MOST_SHIFT_H; step <= MOST_SHIFT_H; step += SHIFT_STEP_H) {
    const one = { shiftH: step, chance: chance(step) };
    if (one.chance > best.chance + 1e-3) best = one;
  }
  return best.shiftH;
}

/** Chance that a lot is inside its window at an instant, its hours counted from a start. */
function inside({ window }: LotForecast, startMs: number, atMs: number, lnSd: number): number {
  if (window.opensMs === null) return 0;
  const passed = (momentMs: number) => {
    const ratio = hoursBetween(startMs, atMs) / Math.max(1e-3, hoursBetween(startMs, momentMs));
    return ratio <= 0 ? 0 : normalBelow(Math.log(ratio) / lnSd);
  };
  const closed = window.closesMs === null ? 0 : passed(window.closesMs);
  return Math.max(0, passed(window.opensMs) - closed);
}
