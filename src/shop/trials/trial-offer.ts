import type { ShopState } from '../state';
import { massOf } from '@/core/composition';
import { isAct, stockAfter, type ActOf } from '@/core/journal';
import { addHours } from '@/core/units';

import { TRIAL_THINGS, type TrialThing } from './trial-form';

/** A lot with less than this, g, is used up. */
const LEAST_G = 1;

/** What a trial of a lot can be about, and when both are looked at as a rule. */
export interface TrialOffer {
  readonly things: readonly TrialThing[];
  readonly placeId: string;
  readonly startC: number | null;
  /** Grams as a rule: a jar of it. */
  readonly massG: number;
  readonly lookAtMs: number;
}

const A_JAR_G = 300;
const AFTER_H = 4;
const BEFORE_MS = 15 * 60_000;

/** What a trial of a lot can be about; null where nothing can be tried with it any more. */
export function trialOffer(
  lot: {
    readonly id: string;
    readonly bestMs: number | null;
    readonly opensMs: number | null;
    /** When it is to be used up. */
    readonly endMs: number | null;
  },
  state: ShopState,
): TrialOffer | null {
  const step = state.folded.plan.find(({ act }) => isAct(act, 'make') && act.lotId === lot.id);
  const ripeMs = lot.bestMs ?? lot.opensMs;
  // Looked at before it goes into its dough.
  const bestMs = ripeMs === null ? null : Math.min(ripeMs, (lot.endMs ?? Infinity) - BEFORE_MS);
  if (step !== undefined) {
    const act = step.act as ActOf<'make'>;
    const has = (kind: string) =>
      act.ingredients.some((line) => state.pantry.get(line.ingredientId)?.kind === kind);
    return {
      things: TRIAL_THINGS.filter(
        (one) => (one !== 'yeast' || has('yeast')) && (one !== 'water' || has('water')),
      ),
      placeId: act.placeId,
      startC: act.startC,
      massG: A_JAR_G,
      lookAtMs: bestMs ?? addHours(step.atMs, AFTER_H),
    };
  }
  const there = stockAfter(state.folded.done).get(lot.id);
  if (there === undefined || massOf(there.composition) < 2 * LEAST_G) return null;
  const lookAtMs = Math.max(bestMs ?? 0, addHours(state.nowMs, 1));
  const massG = there.ballG ?? Math.min(A_JAR_G, Math.floor(massOf(there.composition) / 2));
  return { things: ['place'], placeId: there.placeId, startC: null, massG, lookAtMs };
}
