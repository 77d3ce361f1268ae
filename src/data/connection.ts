import { tr } from '@/words/tr';
import 'server-only';
import type { Db } from './db';
import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { copyBeforeUpdate } from './copy-before-update';
import { DATABASE_FILE } from './database-file';
import { MigrationError } from './errors';
import { isOfEarlierSchema, migrate } from './migrate';
import { ownFiles, OWN_FOLDER } from './own-files';

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
    accessSync(folder, constants.W_OK | constants.R_OK);
    const file = path.join(folder, DATABASE_FILE);
    if (existsSync(file)) accessSync(file, constants.W_OK | constants.R_OK);
  } catch (cause) {
    throw new MigrationError(
      'folder-not-writable',
      tr`The data folder ${folder} can not be written. Give a folder you may write to in OLVIK_DATA. Nothing was changed.`,
      { cause },
    );
  }
}

/**
 * Opens the shop in a data folder and brings it to the newest schema; one of an earlier Olvik is copied first.
 * @throws {MigrationError} folder-not-writable, newer-database, not-a-database, backup-not-sound
 */
export function openShop(folder: string): Db {
  prepareFolder(folder);
  const db = new Database(path.join(folder, DATABASE_FILE));
  try {
    if (isOfEarlierSchema(db)) copyBeforeUpdate(db, folder, Date.now());
    prepareConnection(db);
    ownFiles(folder);
  } catch (cause) {
    db.close();
    if (cause instanceof MigrationError) throw cause;
    throw new MigrationError(
      'not-a-database',
      tr`The file ${path.join(folder, DATABASE_FILE)} is not a shop that Olvik can read. Nothing was changed.`,
      { cause },
    );
  }
  return db;
}

/**
 * The shop as it stands now, to be read at leisure while others go on writing: a connection of its own that sees nothing of
 * what is written meanwhile. A shop in memory is read as it is.
 */
export function snapshotOf(db: Db): { readonly db: Db; readonly close: () => void } {
  if (db.memory) return { db, close: () => undefined };
  const own = new Database(db.name, { readonly: true });
  own.exec('BEGIN');
  own.prepare('SELECT count(*) FROM shop').get();
  return { db: own, close: () => void own.close() };
}

/** A shop in memory, for tests. */
export function openShopInMemory(): Db {
  const db = new Database(':memory:');
  prepareConnection(db);
  return db;
}

function prepareConnection(db: Db): void {
  db.pragma('busy_timeout = 5000');
  db.pragma('foreign_keys = ON');
  migrate(db);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
}
