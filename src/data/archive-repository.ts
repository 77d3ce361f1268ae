import { ARCHIVE_TABLES, TABLE_NAMES, type ArchiveTable } from '@/formats/archive/tables';
import { jsonColumns } from '@/formats/archive/row-schema';
import type { ArchiveRow } from '@/formats/archive/archive';
import type { Db } from './db';
import { formulaBakesToMethods } from './formula-bakes';

const columnsOf = (table: ArchiveTable) => Object.keys(ARCHIVE_TABLES[table]);

/** Rows of a table as an archive has them, in the order of its key; one by one, so that years of them fit. */
export function* eachArchiveRow(db: Db, table: ArchiveTable): Generator<ArchiveRow> {
  const columns = columnsOf(table);
  const json = new Set(jsonColumns(table));
  const names = columns.map((name) => `"${name}"`).join(', ');
  const order = columns.includes('seq') ? 'seq' : names;
  for (const row of db.prepare(`SELECT ${names} FROM ${table} ORDER BY ${order}`).iterate()) {
    const plain = row as Record<string, unknown>;
    yield Object.fromEntries(
      columns.map((name) => [name, json.has(name) ? parsed(plain[name]) : plain[name]]),
    );
  }
}

const parsed = (text: unknown): unknown =>
  typeof text === 'string' ? (JSON.parse(text) as unknown) : null;

/** True for a shop in which nothing was written yet but what every new shop has. */
export function isEmptyShop(db: Db): boolean {
  return ['journal', 'bake', 'culture', 'method', 'demand'].every((table) => {
    const row = db.prepare(`SELECT count(*) AS count FROM ${table}`).get() as { count: number };
    return row.count === 0;
  });
}

/**
 * Puts the rows of an archive in place of an empty shop’s, all or none.
 * @throws SQLite’s error for a row that breaks a rule of the tables; nothing is changed then
 */
export function fillFromArchive(
  db: Db,
  tables: Readonly<Record<ArchiveTable, readonly ArchiveRow[]>>,
  onRow: (table: ArchiveTable, index: number) => void,
): void {
  db.transaction(() => {
    db.pragma('defer_foreign_keys = ON');
    for (const table of [...TABLE_NAMES].reverse()) {
      // The journal and the cards are never emptied; here they are empty.
      if (table !== 'journal' && table !== 'mix_mark' && table !== 'method_version') {
        db.prepare(`DELETE FROM ${table}`).run();
      }
    }
    for (const table of TABLE_NAMES) {
      const columns = columnsOf(table);
      const json = new Set(jsonColumns(table));
      const insert = db.prepare(
        `INSERT INTO ${table} (${columns.map((name) => `"${name}"`).join(', ')})
         VALUES (${columns.map(() => '?').join(', ')})`,
      );
      tables[table].forEach((row, index) => {
        onRow(table, index);
        insert.run(
          columns.map((name) => {
            const value = row[name];
            if (!json.has(name)) return value;
            const nullable = (ARCHIVE_TABLES[table] as Record<string, string>)[name] === 'json?';
            return value === null && nullable ? null : JSON.stringify(value);
          }),
        );
      });
    }
    formulaBakesToMethods(db);
    const broken = db.pragma('foreign_key_check') as { table: string; rowid: number | null }[];
    const [first] = broken;
    if (first !== undefined) throw new Error(`${first.table} names something that is not there`);
  })();
}
