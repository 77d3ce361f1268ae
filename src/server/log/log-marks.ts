import { struckIds } from '@/core/journal';
import { listStrikes, type Db } from '@/data';
import type { ShopContext } from '../context';
import { foldedJournal } from '../journal/journal-memory';

/** Ids of all entries that were taken back: read from the strikes alone, so that the Log opens whatever else is written. */
export function struckByAll(db: Db): ReadonlySet<string> {
  return struckIds(listStrikes(db, Number.MAX_SAFE_INTEGER));
}

/** Why some entries at hand do not count, by entry; none where the journal can not be folded at all. */
export function entriesThatDoNotCount(context: ShopContext): ReadonlyMap<string, string> {
  try {
    const { notPossible } = foldedJournal(context);
    return new Map(notPossible.map(({ entryId, sentence }) => [entryId, sentence]));
  } catch {
    return new Map();
  }
}
