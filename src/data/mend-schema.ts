import { tr } from '@/words/tr';
import type { Db } from './db';
import { MigrationError } from './errors';

/** What a shop of some days’ Olvik lacks, though its number says that it has it; each as it was added later. */
const MENDS: readonly { readonly name: string; readonly sql: string }[] = [
  {
    name: 'place.follows',
    sql: 'ALTER TABLE place ADD COLUMN follows REAL NOT NULL DEFAULT 0 CHECK (follows BETWEEN 0 AND 1)',
  },
  {
    name: 'index journal_day',
    sql: `CREATE INDEX journal_day ON journal (
      (CASE tense WHEN 'done' THEN at_ms ELSE recorded_ms END), seq
    ) WHERE NOT (kind = 'reading' AND by IS 'probe')`,
  },
];

/**
 * Adds what a database lacks of its schema, where it is known how it came to lack it.
 * @param freshOf an empty database of the same schema
 * @throws {MigrationError} odd-database where something else is missing; nothing is changed then
 */
export function mendSchema(db: Db, freshOf: () => Db): void {
  const there = partsOf(db);
  const fresh = freshOf();
  const missing = partsOf(fresh).filter((part) => !there.includes(part));
  fresh.close();
  if (missing.length === 0) return;
  const mends = missing.map((part) => MENDS.find((one) => one.name === part));
  const unknown = missing.filter((_, index) => mends[index] === undefined);
  if (unknown.length > 0) {
    throw new MigrationError(
      'odd-database',
      tr`The shop’s database lacks ${unknown.join(', ')}: no Olvik wrote it like that. Put back a back-up with bin/restore. Nothing was changed.`,
    );
  }
  db.transaction(() => {
    for (const mend of mends) if (mend !== undefined) db.exec(mend.sql);
  })();
}

/** Tables’ columns, indices and triggers, by name. */
function partsOf(db: Db): string[] {
  const rows = db
    .prepare("SELECT type, name FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'")
    .all() as { type: string; name: string }[];
  return rows.flatMap(({ type, name }) => {
    if (type !== 'table') return [`${type} ${name}`];
    const columns = db.prepare('SELECT name FROM pragma_table_xinfo(?)').all(name) as {
      name: string;
    }[];
    return columns.map((column) => `${name}.${column.name}`);
  });
}
