import { chanceInside, LN_SD } from '../likelier-hour';
import type { MethodPlan } from '../method-request';
import { halfHours } from './demand';

/** Chances of a plan from its windows alone: a first guess, to choose which plans to run with drawn truths. */
export function quickOdds(
  plan: MethodPlan,
  pieces: readonly { readonly lotId: string; readonly fromMs: number; readonly toMs: number }[],
  service: { readonly readyFromMs: number; readonly readyToMs: number },
): { leaven: number; service: number } {
  const leaven = plan.leavens
    .filter((one) => one.atMs !== null)
    .reduce((sum, one) => {
      const chance = chanceInside(
        one.forecast,
        one.atMs ?? plan.mixAtMs,
        plan.mixAtMs,
        LN_SD.leaven,
      );
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
        const open = chanceInside(lot, plan.mixAtMs, fromMs, sd);
        return Math.min(least, open, chanceInside(lot, plan.mixAtMs, toMs, sd));
      }, 1),
  );
  return { leaven, service: Math.min(...halves) };
}
