import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import {
  isAct,
  lotsTouchedBy,
  stockAfter,
  type Act,
  type Lot,
  type PlannedAct,
} from '@/core/journal';
import { roundToStep } from '@/core/units';
import type { ShopContext } from '../context';
import { afterFeeding } from './after-feeding';
import { motherFedAgain } from './mother-fed-again';
import { refuseOverdraw } from './keep-back';
import { culturesOf, stockOf } from '../culture-lines/registry';
import { replaceDraft, type EntryDraft } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';

/** Something done, about to be written. */
interface Doing {
  readonly act: Act;
  readonly atMs: number;
  readonly by: string | null;
  readonly bakeId: string | null;
  /** The planned step it carries out; null for none. */
  readonly fulfils: string | null;
  /** What was done to the same lot right after, written with it: additions, folds, looks. */
  readonly then?: readonly { readonly atMs: number; readonly act: Act }[];
}

/**
 * The entries of something done, with what follows of itself: plans changed to what was really made, the rest of a fed
 * jar collected, a mother that was taken from to be fed again. Refused when it comes before what it needs, or would
 * use a mother up.
 * @throws {DomainError} portion-exceeds-mass and others, when the stock does not allow it
 */
export function doneDrafts(
  context: ShopContext,
  state: ShopState,
  doing: Doing,
): Outcome<EntryDraft[]> {
  const { act, atMs, by, bakeId, fulfils } = doing;
  const order = refuseOrder(state, act, atMs);
  if (order !== null) return refused('at', order);
  const then = doing.then ?? [];
  const stock = stockWith(state, [{ atMs, act }, ...then]);
  const cultures = culturesOf(context, state);
  const overdraw = refuseOverdraw({ act, before: stockOf(context, state), stock, cultures, state });
  if (overdraw !== null) return refused(null, overdraw);
  const at = { act, stock, atMs, cultures };
  return done([
    { atMs, tense: 'done', body: act, by, bakeId, fulfils },
    ...then.map((one): EntryDraft => ({
      atMs: one.atMs,
      tense: 'done',
      body: one.act,
      by,
      bakeId,
    })),
    ...followUps(state, act, stock),
    ...afterFeeding(context, state, at),
    ...motherFedAgain(context, state, at),
  ]);
}

/** A sentence when a lot would be used before it was made. */
function refuseOrder(state: ShopState, act: Act, atMs: number): string | null {
  const stock = stockAfter(state.folded.done);
  const needed = lotsTouchedBy(act);
  for (const lotId of needed) {
    const lot = stock.get(lotId);
    if (lot === undefined) return tr`Done: ${lotId} has not been made yet. Log that step first.`;
    if (lot.madeAtMs >= atMs)
      return tr`Done at: ${lot.name} was made later than that. Allowed: after it was made.`;
  }
  return null;
}

/** The stock after the acts; refuses by DomainError when they take more than there is. */
function stockWith(
  state: ShopState,
  added: readonly { readonly atMs: number; readonly act: Act }[],
): Map<string, Lot> {
  const acts = [...state.folded.done, ...added].sort((a, b) => a.atMs - b.atMs);
  return stockAfter(acts);
}

/** Planned steps that follow what was really made: all of the poolish goes in, and no ball is promised that the dough does not give. */
function followUps(state: ShopState, act: Act, stock: Map<string, Lot>): EntryDraft[] {
  if (!isAct(act, 'make')) return isAct(act, 'divide') ? usesOf(state, act.ballsLotId, stock) : [];
  const lot = stock.get(act.lotId);
  if (lot === undefined) return [];
  const massG = massOf(lot.composition);
  return state.folded.plan.flatMap((step) => {
    const changed = changedBy(
      step,
      { lotId: act.lotId, massG, goesOn: act.cultureId !== undefined },
      state,
    );
    return changed === null ? [] : [replaceDraft(step, step.atMs, changed)];
  });
}

/** What was made; of a culture only a part is taken, a leaven goes in whole. */
interface Made {
  readonly lotId: string;
  readonly massG: number;
  readonly goesOn: boolean;
}

function changedBy(step: PlannedAct, made: Made, state: ShopState): Act | null {
  const { act } = step;
  const { lotId, massG, goesOn } = made;
  if (isAct(act, 'make')) {
    const line = act.portions.find((one) => one.lotId === lotId);
    if (line === undefined || line.massG === massG) return null;
    if (goesOn && line.massG < massG) return null;
    return {
      ...act,
      portions: act.portions.map((one) => (one === line ? { ...one, massG } : one)),
    };
  }
  if (isAct(act, 'divide') && act.lotId === lotId && act.count * act.ballG > massG) {
    const fits = Math.floor(massG / act.count / state.shop.scaleStepG) * state.shop.scaleStepG;
    return { ...act, ballG: roundToStep(fits, state.shop.scaleStepG) };
  }
  return null;
}

function usesOf(state: ShopState, ballsLotId: string, stock: Map<string, Lot>): EntryDraft[] {
  const balls = stock.get(ballsLotId)?.balls ?? 0;
  return state.folded.plan.flatMap((step) =>
    isAct(step.act, 'use') && step.act.lotId === ballsLotId && step.act.count !== balls
      ? [replaceDraft(step, step.atMs, { ...step.act, count: balls })]
      : [],
  );
}
