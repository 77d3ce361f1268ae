import type { Product } from '../formula';
import type { Method } from '../methods';
import { GAS_KEPT_FOLDING } from '../mixing';
import { MS_PER_MINUTE } from '../units';
import { GAS_KEPT_BALLING, type BakeStep } from './bake-step';
import type { HourOf } from './hour-of';

/** What a method’s own moments ask of the hands, each on the lot that is there by then: the dough, or what it was divided into. */
export function ownMoments(
  { moments }: Method,
  at: {
    readonly mixAtMs: number;
    readonly ballAtMs: number;
    readonly readyFromMs: number;
    readonly readyToMs: number;
  },
  { doughId, pieceIds }: { readonly doughId: string; readonly pieceIds: readonly string[] },
  pieces: readonly Product[],
): BakeStep[] {
  const fromMs = { mix: at.mixAtMs, balls: at.ballAtMs, service: at.readyFromMs };
  /** The lots of the pieces that it is asked of; all, where there are none of that name any more. */
  const lotsOf = (name: string | undefined) => {
    const asked = pieceIds.filter((_, index) => pieces[index]?.name === name);
    return asked.length === 0 ? pieceIds : asked;
  };
  return moments.flatMap(
    ({ name, from, afterMin, handsMin, work, of: asked }, index): BakeStep[] => {
      const of: HourOf = { kind: 'moment', index };
      const wantedMs = fromMs[from] + afterMin * MS_PER_MINUTE;
      // Before there is a dough nothing can be done with it; after the service nothing is left of it.
      const atMs = Math.min(at.readyToMs, Math.max(at.mixAtMs + MS_PER_MINUTE, wantedMs));
      const divided = atMs > at.ballAtMs;
      if (work === null) {
        const lotId = (divided ? lotsOf(asked)[0] : doughId) ?? doughId;
        return [{ atMs, act: { kind: 'do', lotId, what: name, minutes: handsMin }, of }];
      }
      const gasKept = work === 'fold' ? GAS_KEPT_FOLDING : GAS_KEPT_BALLING;
      return (divided ? lotsOf(asked) : [doughId]).map((lotId) => ({
        atMs,
        act: { kind: 'work', lotId, act: work, gasKept },
        of,
      }));
    },
  );
}
