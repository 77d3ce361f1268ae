import { tr } from '@/words/tr';
import { leavenAimC, type Culture } from '@/core/cultures';
import type { ActOf, PlannedAct } from '@/core/journal';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../../context';
import { stockOf } from '../../culture-lines/registry';
import { doneDrafts } from '../../doing/done-drafts';
import { doneAt } from '../../journal/done-at';
import { replaceDraft, type EntryDraft } from '../../journal/entries';
import { newCodes } from '../../journal/lot-codes';
import { plannedAt } from '../../journal/planned-at';
import { isFedYoung } from '../young-facts';
import type { Made, Makes } from './form';
import { cultureWished, whyNotMade } from './make-refused';
import { feedOf, feedsReplaced } from './planned-feeds';
import type { WishDrafts } from './drafts';

/** What is made of a wish, with all that it stands on. */
interface Making {
  readonly context: ShopContext;
  readonly state: ShopState;
  readonly wish: Makes;
  readonly culture: Culture | null;
}

/**
 * The entries of what a wish makes. A feed that is done carries out the planned one of its jar, a feed that is planned takes its
 * place; a few in a row in which the culture goes on take the place of all its planned feeds.
 */
export function makeDrafts(
  context: ShopContext,
  state: ShopState,
  wish: Makes,
): Outcome<WishDrafts> {
  const culture = cultureWished(context, state, wish);
  if (!culture.ok) return culture;
  const stock = stockOf(context, state);
  for (const [index, made] of wish.makes.entries()) {
    const wrong = whyNotMade(made, { state, stock, isFirst: index === 0 });
    if (wrong !== null) return wrong;
  }
  const instants = instantsOf(wish, state);
  if (!instants.ok) return instants;
  const making: Making = { context, state, wish, culture: culture.value };
  return wish.makes.length === 1
    ? oneMade(making, wish.makes[0]!, instants.value[0] ?? state.nowMs)
    : inRow(making, instants.value);
}

/** When each is made, each after the one before; more than one are planned, never done. */
function instantsOf({ makes, tense }: Makes, state: ShopState): Outcome<number[]> {
  if (tense === 'done' && makes.length > 1) {
    return refused('tense', tr`Feeds in a row: they are planned, and done one by one.`);
  }
  const instants: number[] = [];
  for (const { at } of makes) {
    const found = tense === 'done' ? doneAt(at, state) : plannedAt(at, state);
    if (!found.ok) return found;
    if (found.value <= (instants.at(-1) ?? -Infinity)) {
      return refused('at', tr`Feeds in a row: each comes after the one before.`);
    }
    instants.push(found.value);
  }
  return done(instants);
}

function oneMade(making: Making, made: Made, atMs: number): Outcome<WishDrafts> {
  const { context, state, wish } = making;
  const step = made.as === 'feed' ? feedOf(state, wish.cultureId, made) : undefined;
  const [code = ''] =
    step === undefined ? newCodes(context, state, [{ what: CODES[made.as], atMs }]) : [];
  const lotId = step?.act.lotId ?? code;
  const act = actOf(making, made, { lotId, atMs, beforeId: null });
  const drafts =
    wish.tense === 'done'
      ? doneDrafts(context, state, { act, atMs, by: wish.by ?? null, ...carriedOut(step) })
      : done([step === undefined ? planned(atMs, act) : replaceDraft(step, atMs, act)]);
  return drafts.ok ? done({ drafts: drafts.value, lotIds: [lotId] }) : drafts;
}

/** The planned step that a feed carries out; none for one that was not planned. */
const carriedOut = (step: PlannedAct | undefined) =>
  step === undefined
    ? { bakeId: null, fulfils: null }
    : { bakeId: step.bakeId, fulfils: step.stepId };

function inRow(making: Making, instants: readonly number[]): Outcome<WishDrafts> {
  const { context, state, wish, culture } = making;
  const lots = wish.makes.map(({ as }, index) => ({
    what: CODES[as],
    atMs: instants[index] ?? state.nowMs,
  }));
  const lotIds = newCodes(context, state, lots);
  const made = wish.makes.map((one, index) => {
    const at = { atMs: lots[index]!.atMs, lotId: lotIds[index] ?? '' };
    return planned(at.atMs, actOf(making, one, { ...at, beforeId: lotIds[index - 1] ?? null }));
  });
  const goesOn = lotIds[wish.makes.findLastIndex(({ as }) => GOES_ON.has(as))];
  if (culture === null || goesOn === undefined) return done({ drafts: made, lotIds });
  const { withdrawn, takenFrom } = feedsReplaced(state, culture.id, goesOn);
  return done({ drafts: [...withdrawn, ...made, ...takenFrom], lotIds });
}

const planned = (atMs: number, body: ActOf<'make'>): EntryDraft => ({
  atMs,
  tense: 'planned',
  body,
});

/** What the code of each is for. */
const CODES = {
  feed: 'starter',
  levain: 'levain',
  refresh: 'carry-over',
  dough: 'dough',
} as const;

function actOf(
  { context, state, wish, culture }: Making,
  made: Made,
  of: { readonly lotId: string; readonly atMs: number; readonly beforeId: string | null },
): ActOf<'make'> {
  const portions = made.portions.map(({ lotId, massG }) => ({
    lotId: lotId ?? of.beforeId ?? '',
    massG,
  }));
  const act: ActOf<'make'> = {
    kind: 'make',
    lotId: of.lotId,
    ...identityOf(made, culture),
    ingredients: made.ingredients.filter((line) => line.massG > 0),
    portions,
    placeId: made.placeId,
    startC: made.startC ?? leavenAimC(state.placeMap, made.placeId, of.atMs),
    gasKept: 0,
  };
  const jar = stockOf(context, state).get(portions[0]?.lotId ?? '');
  const young =
    made.as === 'feed' &&
    wish.tense === 'done' &&
    culture !== null &&
    jar !== undefined &&
    isFedYoung(state, culture, jar);
  return young ? { ...act, young } : act;
}

/** What goes on as its culture. */
const GOES_ON: ReadonlySet<Made['as']> = new Set(['feed', 'refresh']);

/** What it is, how it is called and as which culture it goes on. */
function identityOf(
  { as, name }: Made,
  culture: Culture | null,
): Pick<ActOf<'make'>, 'lotKind' | 'name' | 'cultureId'> {
  const own = culture?.name ?? '';
  const called = name || own;
  const is = {
    feed: { lotKind: culture?.kind === 'stiff starter' ? 'stiff starter' : 'starter', name: own },
    levain: { lotKind: 'levain', name: name || `${own} levain` },
    refresh: { lotKind: 'carry-over', name: called },
    dough: { lotKind: 'dough', name: called },
  } as const;
  return culture !== null && GOES_ON.has(as) ? { ...is[as], cultureId: culture.id } : is[as];
}
