import { inSentence, tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import { massOf } from '@/core/composition';
import type { ActOf, Lot } from '@/core/journal';
import { actsOfCards, markKinds, mixCard, type MarkWhat, farOffQuestion } from '@/core/mixing';
import { z } from '@/core/parse';
import { addMark, addMixCard, listMarks, listMixCards } from '@/data';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { plannedMix, type PlannedMix } from './planned-mix';
import { cardIdOf, loadCard, type LoadedCard } from './view';

const cardOf = {
  stepId: z.string().min(1).max(80),
  batchNumber: z.number().int().min(1).max(50),
};
const markForm = z.object({
  ...cardOf,
  /** Made by the page, so that a second tap writes nothing twice. */
  markId: z.string().min(8).max(80),
  what: markKinds,
  /** The baker was asked about an amount far from the card, and means it. */
  sure: z.boolean().default(false),
});

/** Writes what happened on a mix card, at the moment it happened. */
export function markCard(context: ShopContext, form: unknown): Outcome<{ markId: string }> {
  const parsed = parseForm(markForm, form);
  if (!parsed.ok) return parsed;
  const { stepId, batchNumber, markId, what } = parsed.value;
  return refusing(() => {
    const open = openCard(context, stepId, batchNumber);
    if (!open.ok) return open;
    const { state, planned, loaded } = open.value;
    const wrong = refuseMark(what, loaded, planned, state);
    if (wrong !== null) return refused('what', wrong);
    const question = parsed.value.sure ? null : weighedQuestion(what, loaded);
    if (question !== null) return refused('sure', question);
    context.db.transaction(() => {
      begin(context, { stepId, batchNumber, loaded, nowMs: state.nowMs });
      addMark(context.db, cardIdOf(stepId, batchNumber), { id: markId, atMs: state.nowMs, what });
    })();
    return done({ markId });
  });
}

/** What is asked about a line that weighs far from what the card wants; null for a line that does not. */
function weighedQuestion(what: MarkWhat, { card }: LoadedCard): string | null {
  if (what.kind !== 'weigh') return null;
  const line = card.lines.find(({ item }) => item.id === what.itemId);
  if (line === undefined || line.item.kind !== 'weigh') return null;
  const leftG = line.wantedG - (line.item.heldBack ? (line.weighedG ?? 0) : 0);
  // Of held-back water as little is taken as the dough wants.
  if (line.item.heldBack && what.massG <= leftG) return null;
  const wholeG = card.lines.reduce((sum, one) => sum + one.wantedG, 0);
  const { name } = line.item;
  return farOffQuestion([{ name: inSentence(name), massG: what.massG, plannedG: leftG }], wholeG);
}

interface OpenCard {
  readonly state: ShopState;
  readonly planned: PlannedMix;
  readonly loaded: LoadedCard;
}

function openCard(context: ShopContext, stepId: string, batchNumber: number): Outcome<OpenCard> {
  const state = loadShop(context);
  const planned = plannedMix(context, state, stepId);
  if (planned === null) return refused(null, tr`Mix: this one is not planned any more.`);
  if (planned.doneBatch !== null) {
    return refused(null, tr`Mix: it stands in the Log already. Take it back there to change it.`);
  }
  const loaded = loadCard(context, state, planned, batchNumber);
  if (loaded === null) return refused('batchNumber', tr`Batch: there is no batch ${batchNumber}.`);
  return done({ state, planned, loaded });
}

/** A card is made when its first line is written, with what it was made from. */
function begin(
  context: ShopContext,
  card: { stepId: string; batchNumber: number; loaded: LoadedCard; nowMs: number },
): void {
  const { stepId, batchNumber, loaded, nowMs } = card;
  if (loaded.row !== null) return;
  const id = cardIdOf(stepId, batchNumber);
  addMixCard(context.db, { id, stepId, batchNumber, startedMs: nowMs });
  const what: MarkWhat = {
    kind: 'begin',
    batches: loaded.batches,
    iceG: loaded.water?.answer.iceG ?? 0,
    waterC: loaded.water?.answer.waterC ?? null,
  };
  addMark(context.db, id, { id: `${id}.begin`, atMs: nowMs, what });
}

function refuseMark(
  what: MarkWhat,
  { items, card, marks }: LoadedCard,
  planned: PlannedMix,
  state: ShopState,
): string | null {
  if ('itemId' in what && !items.some((item) => item.id === what.itemId)) {
    return tr`Line: “${what.itemId}” is not on this card.`;
  }
  if (what.kind === 'felt') {
    const kind = state.pantry.get(what.ingredientId)?.kind;
    if (kind !== 'water' && kind !== 'flour') {
      return tr`Added by feel: only water and flour of the shop. Everything else is on the card.`;
    }
  }
  if (what.kind === 'undo' && !marks.some((mark) => mark.id === what.markId)) {
    return tr`Undo: this is not on the card.`;
  }
  if (what.kind === 'out' && card.salt === 'missing') {
    return tr`Salt: it was not weighed in. Say that it is in, or leave it out on purpose, before the dough leaves the bowl.`;
  }
  return planned.act.lotKind === 'dough' ? null : tr`Mix: only doughs have a card.`;
}

/** A batch finished; written once the last of them is. */
interface Finished {
  readonly batch: string;
  readonly written: boolean;
  /** Batches that are not finished yet. */
  readonly waitsFor: number;
}

const finishForm = z.object({
  ...cardOf,
  batch: z.string().min(8).max(80),
  by: z.string().max(60).nullable(),
});

/**
 * Finishes a batch. When the last one is finished all of them become one lot in the journal, with what was really
 * weighed at its real time; until then a finished batch waits for the others.
 */
export function finishCard(context: ShopContext, form: unknown): Outcome<Finished> {
  const parsed = parseForm(finishForm, form);
  if (!parsed.ok) return parsed;
  const { stepId, batchNumber, batch, by } = parsed.value;
  return refusing<Finished>(() => {
    const open = openCard(context, stepId, batchNumber);
    if (!open.ok) return open;
    const { state, planned, loaded } = open.value;
    const wrong = refuseFinish(loaded);
    if (wrong !== null) return refused(null, wrong);
    const finish = {
      id: `${batch}.finish`,
      atMs: state.nowMs,
      what: { kind: 'finish', batch } as const,
    };
    const others = listMixCards(context.db, stepId)
      .filter((row) => row.batchNumber !== batchNumber)
      .map((row) => ({ items: loaded.items, marks: listMarks(context.db, row.id) }))
      .map((one) => ({ ...one, card: mixCard(one.items, one.marks) }));
    const ready = others.filter((one) => one.card.out !== null && one.card.finished !== null);
    const waitsFor = loaded.batches - 1 - ready.length;
    if (waitsFor > 0) {
      addMark(context.db, cardIdOf(stepId, batchNumber), finish);
      return done({ batch, written: false, waitsFor });
    }
    const acts = actsOfCards(planned.act, [...ready, loaded], state.pantry);
    if (acts === null) return refused(null, tr`Flour: none was weighed in. Nothing was stored.`);
    const whole = wholeLots(acts.make, stockOf(context, state));
    if (!whole.ok) return whole;
    const drafts = doneDrafts(context, state, {
      act: { ...whole.value, mixedBy: planned.mix.by },
      atMs: acts.makeAtMs,
      by,
      bakeId: planned.bakeId,
      fulfils: planned.stepId,
      then: acts.then,
    });
    if (!drafts.ok) return drafts;
    context.db.transaction(() => {
      addMark(context.db, cardIdOf(stepId, batchNumber), finish);
      writeEntries(context, batchOf(context, batch, drafts.value));
    })();
    return done({ batch, written: true, waitsFor: 0 });
  });
}

/** Scales disagree by so much at the most: a leaven weighed heavier than it was made is then all of it. Set. */
const SCALES_APART = 0.02;

/** Leavens as they can have gone in: what two scales disagree by is all of the lot, more than that is asked about. */
function wholeLots(act: ActOf<'make'>, stock: ReadonlyMap<string, Lot>): Outcome<ActOf<'make'>> {
  const portions = [];
  for (const line of act.portions) {
    const lot = stock.get(line.lotId);
    const thereG = lot === undefined ? Infinity : massOf(lot.composition);
    if (lot !== undefined && line.massG > thereG * (1 + SCALES_APART)) {
      return refused(
        null,
        tr`${lot.name}: ${Math.round(line.massG)} g were weighed in, the Log has ${Math.round(thereG)} g of it. Allowed: up to that. Take the line back and weigh it again; nothing was stored.`,
      );
    }
    portions.push({ ...line, massG: Math.min(line.massG, thereG) });
  }
  return done({ ...act, portions });
}

function refuseFinish({ card, row }: LoadedCard): string | null {
  if (row === null) return tr`Mix: nothing was weighed in yet.`;
  if (card.salt === 'missing')
    return tr`Salt: it was not weighed in. Say that it is in, or leave it out on purpose.`;
  if (card.out === null) return tr`Dough: say how warm it is out of the bowl first.`;
  return null;
}
