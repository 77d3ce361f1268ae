import { tr } from '@/words/tr';
import { closeSync, existsSync, mkdirSync, openSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import type { Db } from '../db';
import { MigrationError } from '../errors';
import { OWN_FILE, OWN_FOLDER } from '../own-files';

/** Who may come in, beside the shop’s database: it goes into no back-up and no archive. */
export const WAYS_IN_FILE = 'ways-in.sqlite';

/** Schema by schema, forward only. */
const SCHEMAS = [
  `CREATE TABLE device (
     id TEXT PRIMARY KEY,
     name TEXT NOT NULL,
     token_hash TEXT NOT NULL UNIQUE,
     role TEXT NOT NULL CHECK (role IN ('all', 'hands', 'wall')),
     person TEXT,
     paired_ms INTEGER NOT NULL,
     seen_ms INTEGER NOT NULL,
     shut_ms INTEGER
   ) STRICT;
   CREATE TABLE pairing (
     code_hash TEXT PRIMARY KEY,
     role TEXT NOT NULL CHECK (role IN ('all', 'hands', 'wall')),
     person TEXT,
     until_ms INTEGER NOT NULL,
     misses INTEGER NOT NULL DEFAULT 0
   ) STRICT;
   CREATE TABLE way_key (
     id TEXT PRIMARY KEY,
     kind TEXT NOT NULL CHECK (kind IN ('calendar', 'readings')),
     name TEXT NOT NULL,
     secret_hash TEXT NOT NULL UNIQUE,
     made_ms INTEGER NOT NULL,
     used_ms INTEGER
   ) STRICT;
   CREATE TABLE gate (
     id INTEGER PRIMARY KEY CHECK (id = 1),
     wanted INTEGER NOT NULL,
     addresses TEXT NOT NULL,
     fingerprint TEXT,
     trouble TEXT
   ) STRICT;
   CREATE TABLE here (
     id INTEGER PRIMARY KEY CHECK (id = 1),
     person TEXT
   ) STRICT;
   INSERT INTO gate (id, wanted, addresses) VALUES (1, 0, '[]');
   INSERT INTO here (id, person) VALUES (1, NULL);`,
  `ALTER TABLE gate ADD COLUMN always INTEGER NOT NULL DEFAULT 0 CHECK (always IN (0, 1));`,
  // Keys of more kinds: a check is changed by a table of its own.
  `ALTER TABLE way_key RENAME TO way_key_before;
   CREATE TABLE way_key (
     id TEXT PRIMARY KEY,
     kind TEXT NOT NULL CHECK (kind IN ('calendar', 'readings', 'scale', 'labels')),
     name TEXT NOT NULL,
     secret_hash TEXT NOT NULL UNIQUE,
     made_ms INTEGER NOT NULL,
     used_ms INTEGER
   ) STRICT;
   INSERT INTO way_key SELECT id, kind, name, secret_hash, made_ms, used_ms FROM way_key_before;
   DROP TABLE way_key_before;`,
] as const;

/**
 * Opens what says who may come in of a data folder.
 * @param folder null: in memory, for a shop that is in memory
 * @throws {MigrationError} newer-database, not-a-database
 */
export function openWaysIn(folder: string | null): Db {
  const file = folder === null ? ':memory:' : path.join(folder, WAYS_IN_FILE);
  if (folder !== null) {
    mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
    // Its log is made with the rights of the file beside it.
    if (!existsSync(file)) closeSync(openSync(file, 'a', OWN_FILE));
  }
  const db = new Database(file);
  try {
    db.pragma('busy_timeout = 5000');
    broughtUp(db);
    db.pragma('journal_mode = WAL');
    return db;
  } catch (cause) {
    db.close();
    if (cause instanceof MigrationError) throw cause;
    throw new MigrationError(
      'not-a-database',
      tr`The file ${file} can not be read. Put it aside, and pair the other devices anew. Nothing was changed.`,
      { cause },
    );
  }
}

function broughtUp(db: Db): void {
  db.transaction(() => {
    const version = db.pragma('user_version', { simple: true }) as number;
    if (version > SCHEMAS.length) {
      throw new MigrationError(
        'newer-database',
        tr`${WAYS_IN_FILE} has schema ${version}; this Olvik knows schemas up to ${SCHEMAS.length}. Start the newer Olvik that wrote it. Nothing was changed.`,
      );
    }
    for (const sql of SCHEMAS.slice(version)) db.exec(sql);
    db.pragma(`user_version = ${SCHEMAS.length}`);
  }).immediate();
}
