import { tr } from '@/words/tr';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { MigrationError } from './errors';
import { formulaBakesToMethods } from './formula-bakes';
import { mendSchema } from './mend-schema';

interface Migration {
  readonly version: number;
  readonly sql: string;
}

/** Where the numbered .sql files stand, from the project's root. */
const MIGRATIONS_FOLDER = path.join('src', 'data', 'migrations');

/** The migrations in order of their numbers. */
function listMigrations(root: string): Migration[] {
  const folder = path.join(/* turbopackIgnore: true */ root, MIGRATIONS_FOLDER);
  return readdirSync(folder)
    .filter((name) => /^\d{3}-.+\.sql$/.test(name))
    .sort()
    .map((name) => ({
      version: Number(name.slice(0, 3)),
      sql: readFileSync(path.join(folder, name), 'utf8'),
    }));
}

/** True for a shop that an earlier Olvik wrote. */
export function isOfEarlierSchema(db: Database.Database, root = process.cwd()): boolean {
  const version = db.pragma('user_version', { simple: true }) as number;
  return version > 0 && version < (listMigrations(root).at(-1)?.version ?? 0);
}

/**
 * Brings a database to the newest schema, all of it in one transaction; forward only.
 * @throws {MigrationError} newer-database when it was written by a newer Olvik, odd-database when its tables are none of
 *   Olvik’s; nothing is changed then
 */
export function migrate(db: Database.Database, root = process.cwd()): void {
  const migrations = listMigrations(root);
  const newest = migrations.at(-1)?.version ?? 0;
  const version = db.pragma('user_version', { simple: true }) as number;
  if (version > newest) {
    throw new MigrationError(
      'newer-database',
      tr`The shop's database has schema ${version}; this Olvik knows schemas up to ${newest}. Start the newer Olvik that wrote it. Nothing was changed.`,
    );
  }
  db.transaction(() => {
    for (const migration of migrations.filter((one) => one.version > version)) {
      db.exec(migration.sql);
      db.pragma(`user_version = ${migration.version}`);
    }
    mendSchema(db, () => {
      const fresh = new Database(':memory:');
      for (const { sql } of migrations) fresh.exec(sql);
      return fresh;
    });
    formulaBakesToMethods(db);
  })();
}
