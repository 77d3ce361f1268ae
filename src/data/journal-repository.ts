import { entrySchema, type Entry, type Reading } from '@/core/journal';
import type { Db } from './db';

const COLUMNS = `id, at_ms AS atMs, recorded_ms AS recordedMs, tense, batch, by,
  device, bake_id AS bakeId, fulfils, body`;

interface Row {
  readonly body: string;
  readonly device: string | null;
}

function toEntry(row: unknown): Entry {
  const { body, device, ...rest } = row as Row;
  const from = device === null ? {} : { device };
  return entrySchema.parse({ ...rest, ...from, body: JSON.parse(body) as unknown });
}

/** Every entry in the order of writing. */
export function listEntries(db: Db): Entry[] {
  return db.prepare(`SELECT ${COLUMNS} FROM journal ORDER BY seq`).all().map(toEntry);
}

/** A stretch of the journal by the numbers of its entries: from the first one on, up to before the other. */
interface SeqSpan {
  readonly fromSeq: number;
  readonly beforeSeq: number;
}

/** The entries of a stretch, in the order of writing; temperatures measured are left out: see {@link listReadings}. */
export function listEntriesIn(db: Db, { fromSeq, beforeSeq }: SeqSpan, most = -1): Entry[] {
  return db
    .prepare(
      `SELECT ${COLUMNS} FROM journal
       WHERE seq >= ? AND seq < ? AND kind <> 'reading' ORDER BY seq LIMIT ?`,
    )
    .all(fromSeq, beforeSeq, most)
    .map(toEntry);
}

/** Everything that took an entry back, written before an entry, in the order of writing. */
export function listStrikes(db: Db, beforeSeq: number): Entry[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM journal WHERE kind = 'strike' AND seq < ? ORDER BY seq`)
    .all(beforeSeq)
    .map(toEntry);
}

/** The temperatures measured from an instant on and written from an entry on, in order of time. */
export function listReadings(
  db: Db,
  of: { readonly fromMs: number; readonly toMs?: number; readonly fromSeq?: number },
): Reading[] {
  return db
    .prepare(
      `SELECT id AS entryId, at_ms AS atMs, body ->> '$.placeId' AS placeId,
         body ->> '$.tempC' AS tempC
       FROM journal WHERE kind = 'reading' AND at_ms >= ? AND at_ms < ? AND seq >= ?
       ORDER BY at_ms, seq`,
    )
    .all(of.fromMs, of.toMs ?? Number.MAX_SAFE_INTEGER, of.fromSeq ?? 0) as Reading[];
}

/** When the first entry was written; null where none was. */
export function maybeFirstWrittenMs(db: Db): number | null {
  const ms = db.prepare('SELECT recorded_ms FROM journal ORDER BY seq LIMIT 1').pluck().get();
  return (ms ?? null) as number | null;
}

/** The number of the first entry written at an instant or after it; null where none was. */
export function maybeFirstSeqFrom(db: Db, recordedMs: number): number | null {
  return (
    db
      .prepare(`SELECT min(seq) FROM journal WHERE kind <> 'reading' AND recorded_ms >= ?`)
      .pluck() as { get: (at: number) => number | null }
  ).get(recordedMs);
}

/** The number of an entry; null for one that was never written. */
export function maybeSeqOf(db: Db, id: string): number | null {
  const seq = db.prepare('SELECT seq FROM journal WHERE id = ?').pluck().get(id);
  return (seq ?? null) as number | null;
}

/** The number of the entry so many entries into a stretch; null where the stretch is shorter. */
export function maybeSeqAt(db: Db, { fromSeq, beforeSeq }: SeqSpan, count: number): number | null {
  const seq = db
    .prepare(
      `SELECT seq FROM journal WHERE seq >= ? AND seq < ? AND kind <> 'reading'
       ORDER BY seq LIMIT 1 OFFSET ?`,
    )
    .pluck()
    .get(fromSeq, beforeSeq, count);
  return (seq ?? null) as number | null;
}

/** The numbers of the first and the last entry of a bake, or of a lot; null where there is none. */
export function maybeSeqsOf(
  db: Db,
  of: { readonly bakeId: string } | { readonly lotId: string },
): { readonly firstSeq: number; readonly lastSeq: number } | null {
  const [sql, id] =
    'bakeId' in of
      ? [
          'SELECT min(seq) AS firstSeq, max(seq) AS lastSeq FROM journal WHERE bake_id = ?',
          of.bakeId,
        ]
      : [
          'SELECT min(seq) AS firstSeq, max(seq) AS lastSeq FROM journal_lot WHERE lot_id = ?',
          of.lotId,
        ];
  const row = db.prepare(sql).get(id) as { firstSeq: number | null; lastSeq: number | null };
  return row.firstSeq === null || row.lastSeq === null
    ? null
    : { firstSeq: row.firstSeq, lastSeq: row.lastSeq };
}

/** The lot that an entry makes. */
const MADE = `coalesce(journal.body ->> '$.ballsLotId', journal.body ->> '$.partLotId',
  CASE journal.kind WHEN 'make' THEN journal.body ->> '$.lotId' END)`;

/**
 * What was done to a lot, to those it came from and to those that came of it, however long ago, in the order of writing.
 * @param most lots each way, the nearest first
 */
export function listLineEntries(db: Db, lotId: string, most: number): Entry[] {
  return db
    .prepare(
      `WITH RECURSIVE
       back (lot_id) AS (
         SELECT @lotId
         UNION
         SELECT other.lot_id FROM back
         JOIN journal_lot AS own ON own.lot_id = back.lot_id
         JOIN journal ON journal.seq = own.seq AND journal.tense = 'done' AND ${MADE} = back.lot_id
         JOIN journal_lot AS other ON other.seq = own.seq
         LIMIT @most
       ),
       forward (lot_id) AS (
         SELECT @lotId
         UNION
         SELECT ${MADE} FROM forward
         JOIN journal_lot AS own ON own.lot_id = forward.lot_id
         JOIN journal ON journal.seq = own.seq AND journal.tense = 'done' AND ${MADE} IS NOT NULL
         LIMIT @most
       )
       SELECT ${COLUMNS} FROM journal WHERE seq IN (
         SELECT seq FROM journal_lot
         WHERE lot_id IN (SELECT lot_id FROM back UNION SELECT lot_id FROM forward)
       ) ORDER BY seq`,
    )
    .all({ lotId, most })
    .map(toEntry);
}

/** Every temperature measured, in order of time, page by page: there can be millions, and others write meanwhile. */
export function* eachReading(db: Db): Generator<Reading> {
  const page = db.prepare(
    `SELECT seq, id AS entryId, at_ms AS atMs, body ->> '$.placeId' AS placeId,
       body ->> '$.tempC' AS tempC
     FROM journal WHERE kind = 'reading' AND (at_ms, seq) > (@atMs, @seq)
     ORDER BY at_ms, seq LIMIT ${PAGE}`,
  );
  let last = { atMs: -Number.MAX_SAFE_INTEGER, seq: 0 };
  for (;;) {
    const rows = page.all(last) as (Reading & { readonly seq: number })[];
    yield* rows;
    const end = rows.at(-1);
    if (end === undefined) return;
    last = { atMs: end.atMs, seq: end.seq };
  }
}
const PAGE = 5000;

/** True for a lot that was ever named: made, planned or taken back. */
export function isLotNamed(db: Db, lotId: string): boolean {
  return db.prepare('SELECT 1 FROM lot_name WHERE lot_id = ?').get(lotId) !== undefined;
}

/** The entries written together. */
export function listBatch(db: Db, batch: string): Entry[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM journal WHERE batch = ? ORDER BY seq`)
    .all(batch)
    .map(toEntry);
}

/** Adds entries, all or none. */
export function addEntries(db: Db, entries: readonly Entry[]): void {
  const insert = db.prepare(
    `INSERT INTO journal (id, at_ms, recorded_ms, tense, kind, batch, by, device,
       bake_id, fulfils, body)
     VALUES (@id, @atMs, @recordedMs, @tense, @kind, @batch, @by, @device,
       @bakeId, @fulfils, @body)`,
  );
  db.transaction(() => {
    for (const entry of entries) {
      const checked = entrySchema.parse(entry);
      const { body, device = null } = checked;
      insert.run({ ...checked, device, kind: body.kind, body: JSON.stringify(body) });
    }
  })();
}
