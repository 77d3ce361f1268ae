import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import { isAct, stockAfter, type Act, type ActOf, type Lot, type PlannedAct } from '@/core/journal';
import { handsMin } from '@/core/planner/week';
import { DomainError, fromLocalText, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { otherwise, placeFor, placeName, scaled } from '@/shop/trials/otherwise';
import { toTheBake } from '@/shop/trials/to-the-bake';
import { trialSchema, type Trial } from '@/shop/trials/trial-form';

/** A trial with the first lot and what the second is made by. */
interface Second {
  readonly drafts: readonly EntryDraft[];
  readonly lotId: string;
  readonly readyMs: number;
  readonly says: string;
}

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
const LEAST_G = 1;

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

/** The first dough with so much less of it, so that leaven and pizzas stay as many as they are. */
function lessOfFirst(
  step: PlannedAct,
  about: {
    readonly trial: Trial;
    readonly plan: readonly PlannedAct[];
    readonly state: ShopState;
  },
): { readonly stepId: string; readonly atMs: number; readonly act: Act }[] {
  const { trial, plan, state } = about;
  const first = step.act as ActOf<'make'>;
  const small = scaled(first, trial.massG, state);
  const minus = <L extends { readonly massG: number }>(lines: readonly L[], off: readonly L[]) =>
    lines.map((line, i) => ({ ...line, massG: Math.max(0, line.massG - (off[i]?.massG ?? 0)) }));
  const { soaked } = first;
  const make: ActOf<'make'> = {
    ...first,
    // What soaks together is shared, as it is.
    ...(soaked === undefined || small.soaked === undefined
      ? {}
      : { soaked: { ...soaked, waterG: soaked.waterG - small.soaked.waterG } }),
    ingredients: minus(first.ingredients, small.ingredients),
    portions: minus(first.portions, small.portions),
  };
  const divide = plan.find(({ act }) => isAct(act, 'divide') && act.lotId === first.lotId);
  if (divide === undefined || !isAct(divide.act, 'divide')) return [{ ...step, act: make }];
  const { ballG, ballsLotId, count } = divide.act;
  const left = count - Math.floor(trial.massG / ballG + 1e-9);
  if (left < 1) {
    throw new DomainError(
      'trial-too-large',
      tr`Trial lot: ${trial.massG} g is all of it. Allowed: less than ${Math.floor(count * ballG)} g.`,
      {},
    );
  }
  const uses = plan.flatMap((one) =>
    isAct(one.act, 'use') && one.act.lotId === ballsLotId
      ? [{ ...one, act: { ...one.act, count: Math.min(one.act.count, left) } }]
      : [],
  );
  return [{ ...step, act: make }, { ...divide, act: { ...divide.act, count: left } }, ...uses];
}

/** A part of a lot that stands, carried to another place now. */
function partOf(
  context: ShopContext,
  state: ShopState,
  { trial, lot }: { readonly trial: Trial; readonly lot: Lot },
): Outcome<Second> {
  if (trial.thing !== 'place') {
    return refused('thing', tr`One thing: it is mixed already. Allowed: another place for a part.`);
  }
  const place = placeFor(trial, lot.placeId, state);
  if (!place.ok) return place;
  const thereG = massOf(lot.composition);
  const { ballG, balls } = lot;
  const count = balls === null || ballG === null ? null : Math.round(trial.massG / ballG);
  const massG = count === null || ballG === null ? trial.massG : count * ballG;
  if (massG >= thereG || count === 0) {
    const most = Math.floor(thereG);
    return refused(
      'massG',
      tr`Trial lot: ${trial.massG} g is not possible. Allowed: ${Math.ceil(ballG ?? 20)} g and less than ${most} g, what is there.`,
    );
  }
  const lotId = nextCode(context, state, 'trial', state.nowMs);
  const body: ActOf<'split'> = {
    kind: 'split',
    lotId: lot.id,
    partLotId: lotId,
    name: trialName(lot.name),
    lotKind: lot.kind,
    massG,
    ...(count === null ? {} : { count }),
    placeId: place.value,
  };
  // What was to be taken of all of it is taken of what is left.
  const drafts = doneDrafts(context, state, {
    act: body,
    atMs: state.nowMs,
    by: null,
    bakeId: null,
    fulfils: null,
  });
  if (!drafts.ok) return drafts;
  return done({
    drafts: drafts.value,
    lotId,
    readyMs: state.nowMs,
    says: tr`${placeName(place.value, state)} instead of ${placeName(lot.placeId, state)}`,
  });
}

const LONGEST_NAME = 60;
const trialName = (name: string) => `${name.slice(0, LONGEST_NAME - trial().length)}${trial()}`;
const trial = () => tr`, trial`;

/** What the trial is about, in the journal of its second lot. */
function noteOf(state: ShopState, trial: Trial, { lotId, says }: Second): EntryDraft {
  return {
    atMs: state.nowMs,
    tense: 'done',
    body: { kind: 'note', lotId, text: tr`Trial beside ${trial.lotId}: ${says}.` },
  };
}
