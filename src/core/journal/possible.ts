import { DomainError } from '../units';
import type { DoneAct, Folded } from './fold';
import { applyAct, type Lot } from './stock';

/** An entry that stands in the journal and does not count, and why. */
export interface NotPossible {
  readonly entryId: string;
  readonly atMs: number;
  readonly sentence: string;
}

/** A journal folded to what can have been: every act on its stock is possible. */
export interface PossibleFold extends Folded {
  /** What was written and can not have been: a lot is named that nobody made, more is taken than there was. */
  readonly notPossible: readonly NotPossible[];
}

/**
 * Sets apart what can not have been: an act that the stock of its moment does not allow changes nothing, whatever wrote it.
 * Everything that reads the shop may then trust its acts; the entry stands in the Log, with its reason, and can be taken back.
 */
export function possibleFold(folded: Folded): PossibleFold {
  const stock = new Map<string, Lot>();
  const notPossible: NotPossible[] = [];
  const done = folded.done.filter((one: DoneAct) => {
    try {
      applyAct(stock, one.act, one.atMs);
      return true;
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      notPossible.push({ entryId: one.entryId, atMs: one.atMs, sentence: error.message });
      return false;
    }
  });
  return notPossible.length === 0 ? { ...folded, notPossible } : { ...folded, done, notPossible };
}

/**
 * The first entry that was possible before and is not after, or that is new and is not; null where there is none. What never
 * was possible does not stand in the way of what is written next.
 */
export function newlyImpossible(before: PossibleFold, after: PossibleFold): NotPossible | null {
  const known = new Set(before.notPossible.map(({ entryId }) => entryId));
  return after.notPossible.find(({ entryId }) => !known.has(entryId)) ?? null;
}
