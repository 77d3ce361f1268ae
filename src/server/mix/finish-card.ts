import { tr } from '@/words/tr';
import { massOf } from '@/core/composition';
import type { ActOf, Lot } from '@/core/journal';
import { actsOfCards, mixCard } from '@/core/mixing';
import { z } from '@/core/parse';
import { addMark, listMarks, listMixCards } from '@/data';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { doneDrafts } from '../doing/done-drafts';
import { batchOf, writeEntries } from '../journal/entries';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { cardIdOf } from './view';
import type { LoadedCard } from './load-card';
import { cardOf, openCard } from './commands';

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
