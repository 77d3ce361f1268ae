import {
  foldJournal,
  NOTHING_WRITTEN,
  onKnownLots,
  possibleFold,
  readCarried,
  struckIds,
  type Entry,
  type Folded,
  type PossibleFold,
  type Reading,
} from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import {
  journalVersion,
  listEntriesIn,
  listReadings,
  listStrikes,
  maybeFirstSeqFrom,
  maybeSeqOf,
  maybeShelf,
  type Db,
} from '@/data';
import type { ShopContext } from '../context';
import { carriedBefore } from './journal-shelves';
import { remembering } from '../remembering';

const DAY_MS = 24 * MS_PER_HOUR;
/** Days of the journal that are at hand with every entry; of the time before only what still stands is. */
const DAYS_AT_HAND = 200;
/** The cut moves on by so many days at a time. */
const CUT_STEP_DAYS = 25;
/** Days of temperatures that are at hand; before them a place is what was learned of it. */
const READING_DAYS = 45;

/** Where the journal at hand begins. */
interface Cut {
  readonly atMs: number;
  /** The number of the first entry at hand; 0 where all of them are. */
  readonly seq: number;
  /** What the entries before still say. */
  readonly start: Folded;
  /** Everything taken back before. */
  readonly strikes: readonly Entry[];
}

interface Memory {
  readonly version: number;
  readonly cut: Cut;
  readonly entries: readonly Entry[];
  readonly struck: ReadonlySet<string>;
  /** Temperatures at hand, those taken back among them. */
  readonly readings: readonly Reading[];
  readonly folded: PossibleFold;
}

const memories = remembering<Memory>('journal');

/** The journal at hand, as last read: it is only ever added to, so only what is new is read again. */
function journal(context: ShopContext): Memory {
  const { db } = context;
  const known = memories.get(context);
  const version = journalVersion(db);
  const atMs = cutMs(context.clock().nowMs);
  if (known?.version === version && known.cut.atMs === atMs) return known;
  const memory = (known?.cut.atMs === atMs ? goneOn(context, known) : null) ?? anew(context, atMs);
  memories.set(context, memory);
  return memory;
}

/** When the first entry at hand was written, at the earliest. */
function cutMs(nowMs: number): number {
  const stepMs = CUT_STEP_DAYS * DAY_MS;
  return Math.floor((nowMs - DAYS_AT_HAND * DAY_MS) / stepMs) * stepMs;
}

/** The number of the first entry at hand; 0 where all of them are. */
function cutSeq(db: Db, atMs: number): number {
  const first = maybeFirstSeqFrom(db, -MAX_MS);
  const seq = maybeFirstSeqFrom(db, atMs);
  return seq === null || seq === first ? 0 : seq;
}
const MAX_MS = Number.MAX_SAFE_INTEGER;

function anew(context: ShopContext, atMs: number): Memory {
  const { db } = context;
  const seq = cutSeq(db, atMs);
  const version = journalVersion(db);
  const entries = listEntriesIn(db, { fromSeq: seq, beforeSeq: version + 1 });
  const strikes = seq === 0 ? [] : listStrikes(db, seq);
  const struck = struckIds([...strikes, ...entries]);
  const start = seq === 0 ? NOTHING_WRITTEN : carriedBefore(db, seq, struck);
  const readings = listReadings(db, { fromMs: readingsFrom(context) });
  return folding({ version, cut: { atMs, seq, start, strikes }, entries, struck, readings });
}

const readingsFrom = (context: ShopContext) => context.clock().nowMs - READING_DAYS * DAY_MS;

/** What is known with what was written since; null where that took back what lies before the cut. */
function goneOn(context: ShopContext, known: Memory): Memory | null {
  const { db } = context;
  const version = journalVersion(db);
  const fromSeq = known.version + 1;
  const news = listEntriesIn(db, { fromSeq, beforeSeq: version + 1 });
  if (reachesBack(db, known.cut, news)) return null;
  const entries = [...known.entries, ...news];
  const struck = struckIds([...known.cut.strikes, ...entries]);
  const fresh = listReadings(db, { fromMs: readingsFrom(context), fromSeq });
  const readings = fresh.length === 0 ? known.readings : inTime([...known.readings, ...fresh]);
  return folding({ version, cut: known.cut, entries, struck, readings });
}

const inTime = (readings: readonly Reading[]) => [...readings].sort((a, b) => a.atMs - b.atMs);

/** True for entries that take back what was written before the cut. */
function reachesBack(db: Db, { seq }: Cut, entries: readonly Entry[]): boolean {
  return entries.some(
    ({ body }) => seq > 0 && body.kind === 'strike' && (maybeSeqOf(db, body.strikes) ?? seq) < seq,
  );
}

function folding(one: Omit<Memory, 'folded'>): Memory {
  const readings = one.readings.filter((reading) => !one.struck.has(reading.entryId));
  return { ...one, folded: { ...foldOf(one, []), readings } };
}

function foldOf(
  { cut, entries, struck }: Omit<Memory, 'folded'>,
  more: readonly Entry[],
): PossibleFold {
  const all = more.length === 0 ? struck : struckIds([...cut.strikes, ...entries, ...more]);
  const folded = foldJournal([...entries, ...more], { start: cut.start, struck: all });
  return possibleFold(cut.seq === 0 ? folded : { ...folded, done: onKnownLots(folded.done) });
}

/** Every entry at hand in the order of writing, without temperatures. */
export function journalEntries(context: ShopContext): readonly Entry[] {
  return journal(context).entries;
}

/** Ids of all entries that were taken back, however long ago. */
export function struckEntries(context: ShopContext): ReadonlySet<string> {
  return journal(context).struck;
}

/** The journal folded: what was done, measured, and is still to be done. */
export function foldedJournal(context: ShopContext): PossibleFold {
  return journal(context).folded;
}

/** The journal folded as it would be with more entries. */
export function foldedWith(context: ShopContext, more: readonly Entry[]): PossibleFold {
  const memory = journal(context);
  if (!reachesBack(context.db, memory.cut, more)) return foldOf(memory, more);
  const all = listEntriesIn(context.db, { fromSeq: 0, beforeSeq: memory.version + 1 });
  return possibleFold(foldJournal([...all, ...more]));
}

/** The whole journal folded, temperatures left out: for what leaves the shop. It is not remembered. */
export function wholeJournal(context: ShopContext): PossibleFold {
  const { cut, folded, version, struck } = journal(context);
  if (cut.seq === 0) return folded;
  const entries = listEntriesIn(context.db, { fromSeq: 0, beforeSeq: version + 1 });
  return possibleFold(foldJournal(entries, { start: NOTHING_WRITTEN, struck }));
}

/**
 * The journal around some entries, folded: what stood before them, and what was written until a while after. The journal
 * at hand where they are in it.
 */
export function foldedAround(
  context: ShopContext,
  of: { readonly firstSeq: number; readonly lastSeq: number } | null,
): PossibleFold {
  const { db } = context;
  const { cut, folded, struck } = journal(context);
  if (of === null || of.firstSeq >= cut.seq) return folded;
  const kept = maybeShelf(db, of.firstSeq);
  const start = (kept === null ? null : readCarried(kept.carried)) ?? NOTHING_WRITTEN;
  const fromSeq = start === NOTHING_WRITTEN ? 0 : (kept?.beforeSeq ?? 0);
  const span = { fromSeq, beforeSeq: of.lastSeq + 1 };
  const then = foldJournal(listEntriesIn(db, span), { start, struck });
  const [firstMs, lastMs] = [then.done[0]?.atMs ?? 0, then.done.at(-1)?.atMs ?? 0];
  const readings = listReadings(db, {
    fromMs: Math.max(firstMs, lastMs - READING_DAYS * DAY_MS),
    toMs: lastMs + DAY_MS,
  });
  return possibleFold({
    ...then,
    done: onKnownLots(then.done),
    readings: readings.filter((one) => !struck.has(one.entryId)),
  });
}
