import { tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { isAct, stockAfter, type ActOf, type PlannedAct } from '@/core/journal';
import { handsMin } from '@/core/planner/week';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';
import type { ShopContext } from '../context';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { otherwise } from '@/shop/trials/otherwise';
import { toTheBake } from '@/shop/trials/to-the-bake';
import { trialSchema, type Trial } from '@/shop/trials/trial-form';
import { type Second, LEAST_G, lessOfFirst, partOf, trialName } from './trial-part';

/**
 * Plans a trial: beside a lot that is still to be made a small one of the same, or of one that stands a part, with one thing
 * different; and a look at both at an hour. One batch: it is taken back as a whole.
 */
export function planTrial(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string }> {
  const parsed = parseForm(trialSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const trial = parsed.value;
    const second = secondLot(context, state, trial);
    if (!second.ok) return second;
    const lookMs = fromLocalText(trial.lookAt, state.shop.timeZone);
    if (lookMs <= second.value.readyMs) {
      return refused('lookAt', tr`Look at both: that is before both are there. Allowed: later.`);
    }
    const looks = [trial.lotId, second.value.lotId].map((lotId): EntryDraft => ({
      atMs: lookMs,
      tense: 'planned',
      body: { kind: 'look', lotId, signs: {} },
    }));
    const drafts = [...second.value.drafts, ...looks, noteOf(state, trial, second.value)];
    writeEntries(context, batchOf(context, trial.batch, drafts));
    return done({ batch: trial.batch, lotId: second.value.lotId });
  });
}

function secondLot(context: ShopContext, state: ShopState, trial: Trial): Outcome<Second> {
  const step = state.folded.plan.find(({ act }) => isAct(act, 'make') && act.lotId === trial.lotId);
  if (step !== undefined) return besideStep(context, state, { trial, step });
  const lot = stockAfter(state.folded.done).get(trial.lotId);
  if (lot === undefined || massOf(lot.composition) < LEAST_G) {
    return refused('lotId', tr`Lot: ${trial.lotId} is neither planned nor there any more.`);
  }
  return partOf(context, state, { trial, lot });
}

/** A second lot weighed beside one that is still to be made. */
function besideStep(
  context: ShopContext,
  state: ShopState,
  { trial, step }: { readonly trial: Trial; readonly step: PlannedAct },
): Outcome<Second> {
  const first = step.act as ActOf<'make'>;
  const changed = otherwise(first, trial, state);
  if (!changed.ok) return changed;
  const { act, says } = changed.value;
  const atMs = step.atMs + handsMin(first) * MS_PER_MINUTE;
  const lotId = nextCode(context, state, 'trial', atMs);
  const body: ActOf<'make'> = { ...act, lotId, name: trialName(first.name) };
  // A line of lots goes on through the first one.
  delete body.cultureId;
  const bakeId = first.lotKind === 'dough' ? step.bakeId : null;
  const less = bakeId === null ? [] : lessOfFirst(step, { trial, plan: state.folded.plan, state });
  // Refuses what the stock does not allow: a leaven has only so much in it.
  const plan = state.folded.plan
    .filter((one) => !isAct(one.act, 'look'))
    .map((one) => ({
      ...one,
      act: less.find(({ stepId }) => stepId === one.stepId)?.act ?? one.act,
    }));
  stockAfter([...state.folded.done, ...plan, { atMs, act: body }].sort((a, b) => a.atMs - b.atMs));
  const follows = toTheBake(
    { lotId: first.lotId, bakeId },
    { lotId, ballsLotId: `${lotId}.B`, massG: trial.massG },
    plan,
  );
  if (!follows.ok) return follows;
  const made = { atMs, by: step.by, body };
  const drafts: EntryDraft[] = [
    ...less.map(({ stepId, atMs: lessMs, act: lessAct }): EntryDraft => ({
      atMs: lessMs,
      tense: 'planned',
      bakeId,
      body: { kind: 'replace', supersedes: stepId, atMs: lessMs, act: lessAct },
    })),
    // A part of the bake: it moves, and is withdrawn, with it.
    ...[made, ...follows.value].map((one): EntryDraft => ({ ...one, tense: 'planned', bakeId })),
  ];
  return done({ drafts, lotId, readyMs: atMs, says });
}

/** What the trial is about, in the journal of its second lot. */
function noteOf(state: ShopState, trial: Trial, { lotId, says }: Second): EntryDraft {
  return {
    atMs: state.nowMs,
    tense: 'done',
    body: { kind: 'note', lotId, text: tr`Trial beside ${trial.lotId}: ${says}.` },
  };
}
