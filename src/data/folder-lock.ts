import { tr } from '@/words/tr';
import { closeSync, mkdirSync, openSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { MigrationError } from './errors';
import { OWN_FILE, OWN_FOLDER } from './own-files';

/** Its lock is the operating system’s: it goes with the process that holds it, however that ends. */
const LOCK_FILE = 'in-use.sqlite';

/** A data folder held by one process. */
export interface HeldFolder {
  readonly release: () => void;
}

/**
 * Holds a data folder for this process: a second Olvik on it, or a restore under a running one, would lose what is written.
 * @throws {MigrationError} folder-in-use, folder-not-writable
 */
export function holdFolder(folder: string): HeldFolder {
  let lock: Database.Database;
  try {
    mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
    const file = path.join(folder, LOCK_FILE);
    // Its journal is made with the rights of the file beside it.
    closeSync(openSync(file, 'a', OWN_FILE));
    lock = new Database(file, { timeout: 0 });
  } catch (cause) {
    throw new MigrationError(
      'folder-not-writable',
      tr`The data folder ${folder} can not be written. Give a folder you may write to in OLVIK_DATA. Nothing was changed.`,
      { cause },
    );
  }
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (cause) {
    lock.close();
    throw new MigrationError(
      'folder-in-use',
      tr`Another Olvik runs on the data folder ${folder}. Stop it first, or give another folder in OLVIK_DATA. Nothing was changed.`,
      { cause },
    );
  }
  return { release: () => void lock.close() };
}
