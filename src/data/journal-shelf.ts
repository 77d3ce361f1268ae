import type { Db } from './db';

/** What the entries before a number still say, as it was kept last, at that number or before it. */
export function maybeShelf(
  db: Db,
  beforeSeq: number,
): { beforeSeq: number; carried: string } | null {
  const row = db
    .prepare(
      `SELECT before_seq AS beforeSeq, carried FROM journal_shelf
       WHERE before_seq <= ? ORDER BY before_seq DESC LIMIT 1`,
    )
    .get(beforeSeq);
  return (row ?? null) as { beforeSeq: number; carried: string } | null;
}

/** Keeps what the entries before a number still say. */
export function saveShelf(db: Db, beforeSeq: number, carried: string): void {
  db.prepare('INSERT OR REPLACE INTO journal_shelf (before_seq, carried) VALUES (?, ?)').run(
    beforeSeq,
    carried,
  );
}

/** A number that grows with every entry: two equal numbers mean an unchanged journal. */
export function journalVersion(db: Db): number {
  const row = db.prepare('SELECT coalesce(max(seq), 0) AS version FROM journal').get();
  return (row as { version: number }).version;
}
