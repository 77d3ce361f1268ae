import { foldJournal, type Entry, type Folded } from '@/core/journal';
import { journalVersion, listEntriesAfter } from '@/data';
import type { ShopContext } from './context';
import { remembering } from './remembering';

interface Memory {
  readonly version: number;
  readonly entries: readonly Entry[];
  readonly folded: Folded;
}

const memories = remembering<Memory>('journal');

/** The journal as last read: it is only ever added to, so only what is new is read again. */
function journal(context: ShopContext): Memory {
  const { db } = context;
  const known = memories.get(context);
  const version = journalVersion(db);
  if (known?.version === version) return known;
  const news = listEntriesAfter(db, known?.version ?? 0);
  const entries = [...(known?.entries ?? []), ...news];
  const memory = { version, entries, folded: foldJournal(entries) };
  memories.set(context, memory);
  return memory;
}

/** Every entry in the order of writing. */
export function journalEntries(context: ShopContext): readonly Entry[] {
  return journal(context).entries;
}

/** The journal folded: what was done, measured, and is still to be done. */
export function foldedJournal(context: ShopContext): Folded {
  return journal(context).folded;
}
