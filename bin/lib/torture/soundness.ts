import path from 'node:path';
import Database from 'better-sqlite3';

/** What is wrong with a database file as it lies; null for a sound one. */
export function damageOf(file: string): string | null {
  const db = new Database(file, { readonly: true });
  try {
    const said = db.pragma('integrity_check(1)', { simple: true }) as string;
    if (said !== 'ok') return said;
    const dangling = db.pragma('foreign_key_check') as unknown[];
    return dangling.length === 0 ? null : `${dangling.length} rows point at nothing`;
  } catch (error) {
    return `${path.basename(file)}: ${String(error)}`;
  } finally {
    db.close();
  }
}

/** What a database holds, table by table; what is derived, or only remembered of an answer, is left out. */
export function contentsOf(file: string): ReadonlyMap<string, string> {
  const db = new Database(file, { readonly: true });
  try {
    const names = db
      .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
      .pluck()
      .all() as string[];
    const kept = names.filter((name) => !/^(command|journal_shelf|journal_words)/.test(name));
    return new Map(
      kept.map((name) => [name, JSON.stringify(db.prepare(`SELECT * FROM "${name}"`).all())]),
    );
  } finally {
    db.close();
  }
}

/** The tables that hold something else than before. */
export const changedTables = (
  before: ReadonlyMap<string, string>,
  now: ReadonlyMap<string, string>,
): string[] => [...now.keys()].filter((name) => now.get(name) !== before.get(name));
