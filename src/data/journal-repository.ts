import { entrySchema, type Entry } from '@/core/journal';
import type { Db } from './connection';

const COLUMNS = `id, at_ms AS atMs, recorded_ms AS recordedMs, tense, batch, by,
  bake_id AS bakeId, fulfils, body`;

interface Row {
  readonly body: string;
}

function toEntry(row: unknown): Entry {
  const { body, ...rest } = row as Row;
  return entrySchema.parse({ ...rest, body: JSON.parse(body) as unknown });
}

/** Every entry in the order of writing. */
export function listEntries(db: Db): Entry[] {
  return db.prepare(`SELECT ${COLUMNS} FROM journal ORDER BY seq`).all().map(toEntry);
}

/** The entries written after a version, in the order of writing; see {@link journalVersion}. */
export function listEntriesAfter(db: Db, version: number): Entry[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM journal WHERE seq > ? ORDER BY seq`)
    .all(version)
    .map(toEntry);
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
    `INSERT INTO journal (id, at_ms, recorded_ms, tense, kind, batch, by, bake_id, fulfils, body)
     VALUES (@id, @atMs, @recordedMs, @tense, @kind, @batch, @by, @bakeId, @fulfils, @body)`,
  );
  db.transaction(() => {
    for (const entry of entries) {
      const checked = entrySchema.parse(entry);
      insert.run({ ...checked, kind: checked.body.kind, body: JSON.stringify(checked.body) });
    }
  })();
}

/** A number that grows with every entry: two equal numbers mean an unchanged journal. */
export function journalVersion(db: Db): number {
  const row = db.prepare('SELECT coalesce(max(seq), 0) AS version FROM journal').get();
  return (row as { version: number }).version;
}
