import { tr } from '@/words/tr';
import { pantryOf } from '@/core/formula';
import { newlyImpossible, type Act, type Entry } from '@/core/journal';
import { DomainError, MS_PER_HOUR } from '@/core/units';
import { addEntries, listFlours, listPlaces } from '@/data';
import type { ShopContext } from '../context';
import { asking } from '../ways-in/who';
import { foldedJournal, foldedWith } from './journal-memory';
import { refuseStrangers } from './whose';

/** The parts of an entry that a command fills in. */
export interface EntryDraft {
  readonly atMs: number;
  readonly tense: Entry['tense'];
  readonly body: Entry['body'];
  readonly by?: string | null;
  readonly bakeId?: string | null;
  readonly fulfils?: string | null;
}

/** Entries of one batch: written together, taken back together. */
export function batchOf(
  context: ShopContext,
  batch: string,
  drafts: readonly EntryDraft[],
): Entry[] {
  const recordedMs = context.clock().nowMs;
  const who = asking.getStore();
  const from = who?.device == null ? {} : { device: who.device.name };
  return drafts.map((draft) => ({
    bakeId: null,
    fulfils: null,
    ...from,
    ...draft,
    // What is planned is nobody’s yet; what was done is theirs whose device it was, where nobody else was said.
    by: draft.by ?? (draft.tense === 'done' ? (who?.person ?? null) : null),
    id: context.newId(),
    recordedMs,
    batch,
  }));
}

/**
 * Writes entries, all or none. They are tried on the journal first: what would make it say what can not be (a lot that nobody
 * made, more taken than there is, a place or an ingredient that the shop has not) is refused.
 * @throws {DomainError} entry-not-possible, place-unknown, ingredient-unknown, person-unknown
 */
export function writeEntries(context: ShopContext, entries: readonly Entry[]): void {
  const acts = entries.flatMap(({ body }): Act[] => (isPlain(body) ? [] : [actOf(body)]));
  refuseFarOff(context, entries);
  refuseStrangers(context, entries);
  if (acts.length > 0) refuseUnknown(context, acts);
  if (entries.some(({ tense, body }) => tense === 'done' && !isPlain(body))) {
    const not = newlyImpossible(foldedJournal(context), foldedWith(context, entries));
    if (not !== null) throw new DomainError('entry-not-possible', not.sentence, { not });
  }
  addEntries(context.db, entries);
}

type Body = Entry['body'];
type PlainKind = 'reading' | 'score' | 'note' | 'strike' | 'withdraw';
const PLAIN: ReadonlySet<Body['kind']> = new Set<PlainKind>([
  'reading',
  'score',
  'note',
  'strike',
  'withdraw',
]);

/** True for what changes no stock. */
const isPlain = (body: Body): body is Extract<Body, { kind: PlainKind }> => PLAIN.has(body.kind);

const actOf = (body: Exclude<Body, { kind: PlainKind }>): Act =>
  body.kind === 'replace' ? body.act : body;

/** Nothing is planned further ahead. Set. */
const FURTHEST_MS = 500 * 24 * MS_PER_HOUR;

function refuseFarOff(context: ShopContext, entries: readonly Entry[]): void {
  const { nowMs } = context.clock();
  const far = entries.find(
    ({ atMs, body }) =>
      Math.max(atMs, body.kind === 'replace' ? body.atMs : 0) > nowMs + FURTHEST_MS,
  );
  if (far === undefined) return;
  throw new DomainError(
    'entry-too-far-ahead',
    tr`Hour: that is more than a year ahead. Allowed: the next 500 days.`,
    { atMs: far.atMs },
  );
}

function refuseUnknown({ db }: ShopContext, acts: readonly Act[]): void {
  const places = new Set(listPlaces(db).map(({ id }) => id));
  const pantry = pantryOf(listFlours(db));
  for (const act of acts) {
    if ('placeId' in act && !places.has(act.placeId)) {
      throw new DomainError('place-unknown', tr`Place: “${act.placeId}” is not in the shop.`, act);
    }
    const lines = 'ingredients' in act ? act.ingredients : [];
    const unknown = lines.find(({ ingredientId }) => !pantry.has(ingredientId));
    if (unknown !== undefined) {
      const sentence = tr`Ingredient: “${unknown.ingredientId}” is not in the shop. Allowed: one that the shop has.`;
      throw new DomainError('ingredient-unknown', sentence, unknown);
    }
  }
}

/** A planned step moved or changed, as an entry. */
export function replaceDraft(
  step: { stepId: string; bakeId: string | null },
  atMs: number,
  act: Act,
): EntryDraft {
  return {
    atMs,
    tense: 'planned',
    bakeId: step.bakeId,
    body: { kind: 'replace', supersedes: step.stepId, atMs, act },
  };
}

/** A planned step taken out, as an entry. */
export function withdrawDraft(
  step: { readonly stepId: string; readonly bakeId: string | null },
  nowMs: number,
  reason?: string,
): EntryDraft {
  return {
    atMs: nowMs,
    tense: 'planned',
    bakeId: step.bakeId,
    body: {
      kind: 'withdraw',
      supersedes: step.stepId,
      ...(reason === undefined ? {} : { reason }),
    },
  };
}
