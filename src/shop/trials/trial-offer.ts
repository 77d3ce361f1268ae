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
  /** Flours of the shop that it could be made of instead; none of one that is made already. */
  readonly flours: readonly { readonly id: string; readonly name: string }[];
  /** Weight of one of the pieces that it is to be divided into, g; the trial is baked with them. */
  readonly pieceG: number | null;
  /** Grams as a rule: a jar of it. */
  readonly massG: number;
  readonly lookAtMs: number;
}

const A_JAR_G = 300;
/** Pieces of a dough that are baked beside, as a rule. */
const PIECES = 2;
const AFTER_H = 4;
const BEFORE_MS = 15 * 60_000;

const MADE = { flours: [], pieceG: null };

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
    const isKind = (id: string, kind: string) => state.pantry.get(id)?.kind === kind;
    const has = (kind: string) => act.ingredients.some((line) => isKind(line.ingredientId, kind));
    const pieceG = state.folded.plan.flatMap((one) =>
      isAct(one.act, 'divide') && one.act.lotId === lot.id ? [one.act.ballG] : [],
    )[0];
    const flours = [...state.pantry.values()].filter(
      ({ id, kind }) =>
        kind === 'flour' && !act.ingredients.some((line) => line.ingredientId === id),
    );
    const can = (one: TrialThing) =>
      one === 'place' || one === 'start' || (has(one) && (one !== 'flour' || flours.length > 0));
    return {
      things: TRIAL_THINGS.filter(can),
      flours: flours.map(({ id, name }) => ({ id, name })),
      placeId: act.placeId,
      startC: act.startC,
      massG: pieceG === undefined ? A_JAR_G : Math.ceil(PIECES * pieceG),
      pieceG: pieceG ?? null,
      lookAtMs: bestMs ?? addHours(step.atMs, AFTER_H),
    };
  }
  const there = stockAfter(state.folded.done).get(lot.id);
  if (there === undefined || massOf(there.composition) < 2 * LEAST_G) return null;
  const lookAtMs = Math.max(bestMs ?? 0, addHours(state.nowMs, 1));
  const massG = there.ballG ?? Math.min(A_JAR_G, Math.floor(massOf(there.composition) / 2));
  return { things: ['place'], placeId: there.placeId, startC: null, ...MADE, massG, lookAtMs };
}
