import { tr, word } from '@/words/tr';
import { isAct, lineageActs, type Act, type ActOf, type Lot } from '@/core/journal';
import { localTimeField, wholeNumberField, z } from '@/core/parse';
import { keptOut } from '@/core/planner/kept-out';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';
import { addBake, maybeOneBake } from '@/data';
import type { ShopState } from '@/shop/state';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { batchOf, replaceDraft, writeEntries, type EntryDraft } from '../journal/entries';
import { nextCode } from '../journal/lot-codes';
import { cultureSpeeds, loadShop } from '../shop/load-shop';

const keepSchema = z.object({
  lotId: z.string().min(1).max(80),
  batch: z.string().min(8).max(80),
  count: wholeNumberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }),
  placeId: z.string().min(1).max(80),
  readyFrom: localTimeField(word('From')),
  readyTo: localTimeField(word('To')),
});
type Keep = z.output<typeof keepSchema>;

/** What was kept, and when it comes out. */
export interface KeptFor {
  readonly batch: string;
  readonly lotId: string;
  readonly bakeId: string;
  readonly outMs: number;
}

/**
 * Keeps some balls of a lot for another service: a part of their own in a place that holds them, out of it in time, baked then. It
 * is a bake of its own, with its own chance; what was planned of the others goes on with those that are left.
 */
export function keepFor(context: ShopContext, form: unknown): Outcome<KeptFor> {
  const parsed = parseForm(keepSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const keep = parsed.value;
    const state = loadShop(context);
    const lot = stockOf(context, state).get(keep.lotId);
    if (lot === undefined) return refused('lotId', tr`Lot: ${keep.lotId} has not been made yet.`);
    const span = {
      readyFromMs: fromLocalText(keep.readyFrom, state.shop.timeZone),
      readyToMs: fromLocalText(keep.readyTo, state.shop.timeZone),
    };
    const wrong = wrongKeep(keep, { lot, state, ...span });
    if (wrong !== null) return refused(wrong.field, wrong.sentence);
    return stored(context, state, { keep, lot, ...span });
  });
}

interface Asked {
  readonly lot: Lot;
  readonly readyFromMs: number;
  readonly readyToMs: number;
}

function wrongKeep(
  { count, placeId }: Keep,
  { lot, state, readyFromMs, readyToMs }: Asked & { readonly state: ShopState },
): { field: string; sentence: string } | null {
  if (lot.balls === null || lot.ballG === null) {
    return { field: 'lotId', sentence: tr`Lot: ${lot.id} is not divided into balls yet.` };
  }
  if (count > lot.balls) {
    return {
      field: 'count',
      sentence: tr`Balls: ${count} is not possible. Allowed: 1 to ${lot.balls}.`,
    };
  }
  if (!state.placeMap.has(placeId)) {
    return { field: 'placeId', sentence: tr`Place: “${placeId}” is not in the shop.` };
  }
  if (readyToMs <= readyFromMs) {
    return { field: 'readyTo', sentence: tr`To: it lies before From. Allowed: after it.` };
  }
  return readyFromMs <= state.nowMs + SOON_MS
    ? { field: 'readyFrom', sentence: tr`From: that hour has passed. Allowed: from an hour on.` }
    : null;
}
const SOON_MS = 60 * MS_PER_MINUTE;

function stored(
  context: ShopContext,
  state: ShopState,
  { keep, lot, readyFromMs, readyToMs }: Asked & { readonly keep: Keep },
): Outcome<KeptFor> {
  const { count, batch } = keep;
  const { nowMs, folded } = state;
  const uses = folded.plan.filter(({ act }) => isAct(act, 'use') && act.lotId === lot.id);
  const parent = parentOf(context, state, lot);
  if (parent === null) {
    return refused(
      'lotId',
      tr`Lot: ${lot.id} is of no bake of this shop; it is kept under “A part of it”.`,
    );
  }
  const split: ActOf<'split'> = {
    kind: 'split',
    lotId: lot.id,
    partLotId: nextCode(context, state, 'balls', nowMs),
    name: tr`${lot.name.slice(0, 53)}, kept`,
    lotKind: 'balls',
    massG: count * (lot.ballG ?? 0),
    count,
    placeId: keep.placeId,
  };
  const { outMs } = keptOut({
    shop: {
      done: lineageActs(folded.done, [lot.id]),
      nowMs,
      places: state.placeMap,
      pantry: state.pantry,
      cultureSpeeds: cultureSpeeds(context, state),
    },
    atMs: nowMs,
    split,
    outPlaceId: lot.placeId,
    readyFromMs,
    readyToMs,
  });
  const bakeId = context.newId();
  const own = (atMs: number, body: Act): EntryDraft => ({ atMs, tense: 'planned', bakeId, body });
  addBake(context.db, {
    id: bakeId,
    name: tr`${parent.name.slice(0, 53)}, kept`,
    createdMs: nowMs,
    readyFromMs,
    readyToMs,
    methodVersionId: parent.methodVersionId,
  });
  const drafts: EntryDraft[] = [
    { atMs: nowMs, tense: 'done', bakeId, body: split },
    own(outMs, { kind: 'move', lotId: split.partLotId, placeId: lot.placeId }),
    own(readyFromMs, { kind: 'use', lotId: split.partLotId, count, untilMs: readyToMs }),
    ...fewerOf(uses, (lot.balls ?? 0) - count),
  ];
  writeEntries(context, batchOf(context, batch, drafts));
  return done({ batch, lotId: split.partLotId, bakeId, outMs });
}

/** The bake that balls are of: by what is planned of them, or by who made them. */
function parentOf(context: ShopContext, { folded }: ShopState, lot: Lot) {
  const of = [...folded.plan, ...folded.done].find(
    ({ act, bakeId }) =>
      bakeId !== null &&
      ((isAct(act, 'use') && act.lotId === lot.id) ||
        (isAct(act, 'divide') && act.ballsLotId === lot.id) ||
        (isAct(act, 'split') && act.partLotId === lot.id)),
  );
  return of?.bakeId == null ? null : maybeOneBake(context.db, of.bakeId);
}

/** What is planned of a lot, no more than what is left of it: the last use gives way first. */
function fewerOf(uses: readonly ShopState['folded']['plan'][number][], left: number): EntryDraft[] {
  let over = uses.reduce((sum, { act }) => sum + (isAct(act, 'use') ? act.count : 0), 0) - left;
  return [...uses].reverse().flatMap((step): EntryDraft[] => {
    if (over <= 0 || !isAct(step.act, 'use')) return [];
    const less = Math.min(over, step.act.count);
    over -= less;
    return [replaceDraft(step, step.atMs, { ...step.act, count: step.act.count - less })];
  });
}
