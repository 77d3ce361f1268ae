import { tr, word } from '@/words/tr';
import { gramsOf, stockOf } from '../culture-lines/registry';
import { type ShopState } from '@/shop/state';
import { leavenAimC, type Culture } from '@/core/cultures';
import { isAct, type ActOf, type Lot, type PlannedAct } from '@/core/journal';
import { numberField, z } from '@/core/parse';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';

import type { ShopContext } from '../context';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, replaceDraft, type EntryDraft, writeEntries } from '../journal/entries';
import { doneAt } from '../journal/done-at';
import { nextCode } from '../journal/lot-codes';
import { done, refused, type Outcome } from '@/shop/outcome';
import { starterWanted } from './starter-wanted';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { isFedYoung } from './young-facts';

const grams = (name: string) => numberField({ name, unit: 'g', min: 0, max: 500_000 });

const makingSchema = z.object({
  cultureId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  /** A feed goes on as the culture; a levain is used whole. */
  as: z.enum(['feed', 'levain']),
  /** When it was or will be mixed, by the shop’s clock; null: now. */
  at: z.string().nullish(),
  tense: z.enum(['done', 'planned']),
  name: z.string().trim().max(60).nullish(),
  fromLotId: z.string().min(1).max(80),
  motherG: numberField({ name: word('Mother'), unit: 'g', min: 0.1, max: 500_000 }),
  flours: z
    .array(z.object({ flourId: z.string().min(1).max(80), massG: grams(word('Flour')) }))
    .min(1)
    .max(8),
  waterG: grams(word('Water')),
  placeId: z.string().min(1).max(80),
  /** What the mix comes to with its water; left out: as its place is. */
  startC: numberField({ name: word('Temperature'), unit: '°C', min: 0, max: 40 }).nullish(),
  by: z.string().max(60).nullish(),
});
type Making = z.output<typeof makingSchema>;

/** Feeds a starter, or builds a levain of it: written as done, or planned. */
export function takeFeed(
  context: ShopContext,
  form: unknown,
): Outcome<{ batch: string; lotId: string }> {
  const parsed = parseForm(makingSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const making = parsed.value;
    const starter = starterWanted(context, state, making);
    if (!starter.ok) return starter;
    const write = making.tense === 'done' ? feedNow : planFeed;
    return write(context, state, starter.value, making);
  });
}

function feedNow(
  context: ShopContext,
  state: ShopState,
  culture: Culture,
  making: Making,
): Outcome<{ batch: string; lotId: string }> {
  const at = doneAt(making.at, state);
  if (!at.ok) return at;
  const jar = stockOf(context, state).get(making.fromLotId);
  if (jar === undefined) {
    return refused('fromLotId', tr`Jar: ${making.fromLotId} has not been made yet.`);
  }
  const short = refuseShort(making, gramsOf(jar));
  if (short !== null) return short;
  const step = making.as === 'feed' ? plannedFeed(state, making) : undefined;
  const lotId =
    step === undefined ? codeFor(context, state, making, at.value) : lotOf(step.act as MakeAct);
  const made = actOf(culture, making, state, { lotId, atMs: at.value });
  const act = fedYoung(state, making, { culture, jar }) ? { ...made, young: true } : made;
  const drafts = doneDrafts(context, state, {
    act,
    atMs: at.value,
    by: making.by ?? null,
    ...carriedOut(step),
  });
  if (!drafts.ok) return drafts;
  writeEntries(context, batchOf(context, making.batch, drafts.value));
  return done({ batch: making.batch, lotId });
}

/** The planned step that a feed carries out; none for one that was not planned. */
const carriedOut = (step: PlannedAct | undefined) =>
  step === undefined
    ? { bakeId: null, fulfils: null }
    : { bakeId: step.bakeId, fulfils: step.stepId };

/** True for a feed of a culture of which nothing is known yet. */
function fedYoung(
  state: ShopState,
  making: Making,
  { culture, jar }: { readonly culture: Culture; readonly jar: Lot },
): boolean {
  return making.as === 'feed' && isFedYoung(state, culture, jar);
}

function refuseShort({ motherG }: Making, thereG: number): Outcome<never> | null {
  if (motherG <= thereG + 0.05) return null;
  return refused(
    'motherG',
    tr`Mother: ${motherG} g is not possible. Allowed: up to ${Math.floor(thereG)} g, what is in the jar.`,
  );
}

type MakeAct = ActOf<'make'>;
const lotOf = (act: MakeAct) => act.lotId;

function planFeed(
  context: ShopContext,
  state: ShopState,
  culture: Culture,
  making: Making,
): Outcome<{ batch: string; lotId: string }> {
  const atMs = making.at == null ? state.nowMs : fromLocalText(making.at, state.shop.timeZone);
  if (atMs < state.nowMs - MS_PER_MINUTE) {
    return refused(
      'at',
      tr`At: ${String(making.at).replace('T', ' ')} has passed. Allowed: from now on.`,
    );
  }
  const step = making.as === 'feed' ? plannedFeed(state, making) : undefined;
  const lotId =
    step === undefined ? codeFor(context, state, making, atMs) : lotOf(step.act as MakeAct);
  const act = actOf(culture, making, state, { lotId, atMs });
  const draft: EntryDraft =
    step === undefined ? { atMs, tense: 'planned', body: act } : replaceDraft(step, atMs, act);
  writeEntries(context, batchOf(context, making.batch, [draft]));
  return done({ batch: making.batch, lotId });
}

/** The feed that is planned from the same jar. */
function plannedFeed(state: ShopState, making: Making): PlannedAct | undefined {
  return state.folded.plan.find(
    ({ act }) =>
      isAct(act, 'make') &&
      act.cultureId === making.cultureId &&
      act.portions.some((line) => line.lotId === making.fromLotId),
  );
}

function codeFor(context: ShopContext, state: ShopState, making: Making, atMs: number): string {
  return nextCode(context, state, making.as === 'levain' ? 'levain' : 'starter', atMs);
}

function actOf(
  culture: Culture,
  making: Making,
  state: ShopState,
  at: { readonly lotId: string; readonly atMs: number },
): MakeAct {
  const stiff = culture.kind === 'stiff starter';
  const name = making.name == null || making.name === '' ? null : making.name;
  const as =
    making.as === 'levain'
      ? { lotKind: 'levain' as const, name: name ?? `${culture.name} levain` }
      : {
          lotKind: stiff ? ('stiff starter' as const) : ('starter' as const),
          name: culture.name,
          cultureId: culture.id,
        };
  return {
    kind: 'make',
    lotId: at.lotId,
    ...as,
    ingredients: [
      ...making.flours.map((line) => ({ ingredientId: line.flourId, massG: line.massG })),
      { ingredientId: 'water', massG: making.waterG },
    ].filter((line) => line.massG > 0),
    portions: [{ lotId: making.fromLotId, massG: making.motherG }],
    placeId: making.placeId,
    startC: making.startC ?? leavenAimC(state.placeMap, making.placeId, at.atMs),
    gasKept: 0,
  };
}
