import { tr } from '@/words/tr';
import { existsSync, statSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { listBackups } from './backup-store';
import { DATABASE_FILE } from './database-file';
import { MigrationError } from './errors';

/**
 * Refuses to go on with a data folder whose shop is lost or damaged while back-ups of it exist: an empty shop in its place would
 * look as if everything were gone.
 * @throws {MigrationError} database-missing, database-damaged
 */
export function refuseLostShop(folder: string): void {
  const file = path.join(folder, DATABASE_FILE);
  const [newest] = listBackups(folder);
  const empty = !existsSync(file) || statSync(file).size === 0;
  const way =
    newest === undefined
      ? tr`There is no back-up in it.`
      : tr`Its newest back-up is ${newest.name}: bin/restore puts the newest good one back.`;
  if (empty) {
    if (newest === undefined) return;
    throw new MigrationError(
      'database-missing',
      tr`The shop’s database is not in ${folder}, but back-ups of it are. ${way} To begin an empty shop, move the folder “backups” away. Nothing was changed.`,
    );
  }
  const damage = damageOf(file);
  if (damage === null) return;
  throw new MigrationError(
    'database-damaged',
    tr`The shop’s database in ${folder} is damaged (${damage}). ${way} Nothing was changed.`,
  );
}

/** What is wrong with a database file, in a few words; null for a sound one. */
export function damageOf(file: string): string | null {
  let db: Database.Database | null = null;
  try {
    db = new Database(file, { fileMustExist: true });
    const said = db.pragma('quick_check(1)', { simple: true }) as string;
    return said === 'ok' ? null : said;
  } catch (cause) {
    return cause instanceof Error ? cause.message : String(cause);
  } finally {
    db?.close();
  }
}
