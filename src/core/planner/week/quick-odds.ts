import { normalBelow } from '../../numeric';
import { hoursBetween } from '../../units';
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
