import { inSentence, tr } from '@/words/tr';
import type { ShopState } from '@/shop/state';
import { markKinds, type MarkWhat, farOffQuestion } from '@/core/mixing';
import { z } from '@/core/parse';
import { addMark, addMixCard } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { plannedMix, type PlannedMix } from './planned-mix';
import { cardIdOf } from './view';
import { loadCard, type LoadedCard } from './load-card';

export const cardOf = {
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

export function openCard(
  context: ShopContext,
  stepId: string,
  batchNumber: number,
): Outcome<OpenCard> {
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
