import type { Entry } from '@/core/journal';
import type { Db } from './db';

/** What is looked for in the journal; what is left out is not asked for. */
export interface LogQuery {
  /** Words, each of which an entry holds or begins with. */
  readonly words?: readonly string[];
  readonly kinds?: readonly Entry['body']['kind'][];
  readonly lotId?: string;
  readonly tense?: Entry['tense'];
  readonly by?: string;
  readonly fromMs?: number;
  readonly toMs?: number;
  /** Only what stands before this entry: the next page. */
  readonly before?: { readonly standsMs: number; readonly seq: number };
  /** Which instants count; left out: all. */
  readonly stands?: (standsMs: number) => boolean;
  readonly limit: number;
}

/** Entries written together, as the Log finds them: where the last one that was found stands. */
export interface FoundBatch {
  readonly batch: string;
  readonly seq: number;
  /** When it was done, or when it was planned. */
  readonly standsMs: number;
}

const STANDS = `CASE journal.tense WHEN 'done' THEN journal.at_ms ELSE journal.recorded_ms END`;

/** Temperatures are only ever done: their index by kind and hour has them in order, however many there are. */
const isReadings = ({ kinds, words = [] }: LogQuery) =>
  kinds?.length === 1 && kinds[0] === 'reading' && words.length === 0;
const standsOf = (query: LogQuery) => (isReadings(query) ? 'journal.at_ms' : STANDS);

/**
 * Batches with an entry that answers a query, the last first. A probe’s readings are no answer unless
 * they are asked for.
 */
export function listFoundBatches(db: Db, query: LogQuery): FoundBatch[] {
  const found: FoundBatch[] = [];
  const seen = new Set<string>();
  for (const row of db.prepare(searchSql(query)).iterate(parameters(query))) {
    const one = row as FoundBatch;
    if (seen.has(one.batch) || query.stands?.(one.standsMs) === false) continue;
    seen.add(one.batch);
    found.push(one);
    if (found.length >= query.limit) break;
  }
  return found;
}

const CONDITIONS: readonly (readonly [
  Exclude<keyof LogQuery, 'words' | 'kinds' | 'limit' | 'stands'>,
  string,
])[] = [
  ['lotId', 'journal.seq IN (SELECT seq FROM journal_lot WHERE lot_id = @lotId)'],
  ['tense', 'journal.tense = @tense'],
  ['by', 'journal.by = @by'],
  ['fromMs', 'journal.at_ms >= @fromMs'],
  ['toMs', 'journal.at_ms < @toMs'],
  ['before', '(STANDS, journal.seq) < (@standsMs, @seq)'],
];

function searchSql(query: LogQuery): string {
  const words = query.words ?? [];
  const stands = standsOf(query);
  const conditions = CONDITIONS.filter(([key]) => query[key] !== undefined).map(([, sql]) =>
    sql.replace('STANDS', stands),
  );
  const kinds =
    query.kinds === undefined
      ? `NOT (journal.kind = 'reading' AND journal.by IS 'probe')`
      : isReadings(query)
        ? `journal.kind = 'reading'`
        : 'journal.kind IN (SELECT value FROM json_each(@kinds))';
  const from =
    words.length === 0
      ? 'journal'
      : 'journal_words JOIN journal ON journal.seq = journal_words.rowid';
  const match = words.length === 0 ? [] : ['journal_words MATCH @match'];
  return `SELECT journal.batch AS batch, journal.seq AS seq, ${stands} AS standsMs FROM ${from}
    WHERE ${[...match, kinds, ...conditions].join(' AND ')}
    ORDER BY ${stands} DESC, journal.seq DESC`;
}

function parameters(query: LogQuery) {
  const { words = [], kinds } = query;
  const given = CONDITIONS.flatMap(([key]): (readonly [string, unknown])[] => {
    const value = query[key];
    if (value === undefined) return [];
    return typeof value === 'object' ? Object.entries(value) : [[key, value]];
  });
  return {
    ...(Object.fromEntries(given) as Record<string, unknown>),
    ...(words.length === 0 ? {} : { match: matchOf(words) }),
    ...(kinds === undefined || isReadings(query) ? {} : { kinds: JSON.stringify(kinds) }),
  };
}

/** Each word as a quoted beginning of a word: nothing a reader types is read as an operator. */
function matchOf(words: readonly string[]): string {
  return words.map((word) => `"${word.replaceAll('"', '""')}"*`).join(' ');
}

/** Names of lots by their ids, as they were last made. */
export function listLotNames(db: Db, lotIds: readonly string[]): ReadonlyMap<string, string> {
  const rows = db
    .prepare(
      `SELECT lot_id AS lotId, name FROM lot_name
       WHERE lot_id IN (SELECT value FROM json_each(?))`,
    )
    .all(JSON.stringify(lotIds)) as { lotId: string; name: string }[];
  return new Map(rows.map(({ lotId, name }) => [lotId, name]));
}
