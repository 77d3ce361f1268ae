import {
  carriedOver,
  carriedText,
  foldJournal,
  NOTHING_WRITTEN,
  possibleFold,
  readCarried,
  type Folded,
} from '@/core/journal';
import { listEntriesIn, maybeSeqAt, maybeShelf, saveShelf, type Db } from '@/data';

/** Entries folded at once: as many as are ever held together beside the last ones. */
const CHUNK = 2500;

/**
 * What the entries before a number still say: from what is kept, else made anew in chunks and kept for the next time.
 * @param struck ids of all entries that were taken back
 */
export function carriedBefore(db: Db, beforeSeq: number, struck: ReadonlySet<string>): Folded {
  const kept = maybeShelf(db, beforeSeq);
  const read = kept === null ? null : readCarried(kept.carried);
  let start = read ?? NOTHING_WRITTEN;
  let fromSeq = read === null || kept === null ? 0 : kept.beforeSeq;
  while (fromSeq < beforeSeq) {
    const entries = listEntriesIn(db, { fromSeq, beforeSeq }, CHUNK + 1);
    const whole = entries.length <= CHUNK;
    const next = whole ? beforeSeq : (maybeSeqAt(db, { fromSeq, beforeSeq }, CHUNK) ?? beforeSeq);
    start = carriedOver(possibleFold(foldJournal(entries.slice(0, CHUNK), { start, struck })));
    saveShelf(db, next, carriedText(start));
    fromSeq = next;
  }
  return start;
}
