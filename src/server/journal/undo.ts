import { tr } from '@/words/tr';
import { newlyImpossible } from '@/core/journal';
import { listBatch } from '@/data';
import type { ShopContext } from '../context';
import { foldedJournal, foldedWith, struckEntries } from './journal-memory';
import { batchOf, writeEntries } from './entries';
import { done, refused, type Outcome } from '@/shop/outcome';

/**
 * Takes back everything a batch wrote, by striking it; the strikes are a batch of their own that can be taken back too.
 * Refused when something done later rests on it.
 */
export function undoBatch(context: ShopContext, batch: string): Outcome<{ batch: string }> {
  const entries = listBatch(context.db, batch);
  if (entries.length === 0) return refused(null, tr`Undo: this entry is not in the journal.`);
  const struck = struckEntries(context);
  const standing = entries.filter((entry) => !struck.has(entry.id));
  if (standing.length === 0) return refused(null, tr`Undo: this was taken back already.`);
  const strikes = batchOf(
    context,
    context.newId(),
    [...standing].reverse().map((entry) => ({
      atMs: context.clock().nowMs,
      tense: 'done' as const,
      bakeId: entry.bakeId,
      body: { kind: 'strike' as const, strikes: entry.id },
    })),
  );
  if (newlyImpossible(foldedJournal(context), foldedWith(context, strikes)) !== null) {
    return refused(
      null,
      tr`Undo: a later step was done with what this one made. Take that one back first. Nothing was changed.`,
    );
  }
  writeEntries(context, strikes);
  return done({ batch: strikes[0]?.batch ?? batch });
}
