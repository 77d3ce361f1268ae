import { tr } from '@/words/tr';
import {
  chmodSync,
  copyFileSync,
  existsSync,
  linkSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { backupInstant, backupName, backupsFolder, NAME } from './backup-names';
import { DATABASE_FILE } from './database-file';
import type { Db } from './db';
import { diskSentence, isDiskError } from './disk-full';
import { MigrationError } from './errors';
import { OWN_FILE, OWN_FOLDER } from './own-files';
import { folded } from './backup-contents';

/** A back-up copy of a shop’s database. */
export interface Backup {
  readonly name: string;
  readonly atMs: number;
  readonly bytes: number;
}

/** The back-ups of a data folder, the newest first. */
export function listBackups(folder: string): Backup[] {
  const kept = backupsFolder(folder);
  if (!existsSync(kept)) return [];
  return readdirSync(kept)
    .flatMap((name): Backup[] => {
      const atMs = backupInstant(name);
      return atMs === null ? [] : [{ name, atMs, bytes: statSync(path.join(kept, name)).size }];
    })
    .sort((a, b) => b.atMs - a.atMs);
}

/** The data folder of an open shop; null for one in memory. */
export function dataFolder(db: Db): string | null {
  return db.memory || db.name === '' ? null : path.dirname(db.name);
}

/**
 * Copies the database while it is in use. Written aside and renamed, so that half a copy is never taken for one.
 * @param atMs when it is taken: its name
 * @throws {MigrationError} backup-not-sound; no older one is touched then
 */
export async function addBackup(db: Db, folder: string, atMs: number): Promise<Backup> {
  const kept = backupsFolder(folder);
  mkdirSync(kept, { recursive: true, mode: OWN_FOLDER });
  const name = backupName(atMs);
  const part = path.join(kept, `${name}.part`);
  try {
    await db.backup(part);
  } catch (error) {
    // What did not fit takes no room.
    rmSync(part, { force: true });
    if (!isDiskError(error)) throw error;
    throw new MigrationError('disk-full', diskSentence(), { cause: error });
  }
  chmodSync(part, OWN_FILE);
  const damage = damagedCopy(part);
  if (damage !== null) {
    rmSync(part, { force: true });
    throw new MigrationError(
      'backup-not-sound',
      tr`Back-up: the copy is not sound (${damage}). It was not kept, the older ones stay. Look at the disk, and restore the newest good one if Olvik does not open any more.`,
    );
  }
  renameSync(part, path.join(kept, name));
  return { name, atMs: backupInstant(name) ?? atMs, bytes: statSync(path.join(kept, name)).size };
}

/** What is wrong with a copy; null for a sound one. */
function damagedCopy(file: string): string | null {
  const copy = new Database(file, { readonly: true });
  try {
    const said = copy.pragma('integrity_check(1)', { simple: true }) as string;
    return said === 'ok' ? null : said;
  } catch (cause) {
    return cause instanceof Error ? cause.message : String(cause);
  } finally {
    copy.close();
  }
}

/** Removes a back-up. */
export function dropBackup(folder: string, name: string): void {
  if (NAME.test(name)) rmSync(path.join(backupsFolder(folder), name), { force: true });
}

/**
 * Puts a back-up in place of the database of a folder in which no Olvik runs. What it replaces is kept beside it.
 * @returns the name under which the replaced database is kept; null where there was none
 * @throws {MigrationError} not-a-database for a file that is no sound shop; nothing is changed then
 */
export async function restoreBackup(
  folder: string,
  file: string,
  atMs: number,
): Promise<string | null> {
  await stageBackup(folder, file);
  return placeStaged(folder, atMs);
}

const STAGED = 'olvik-restored.part';

/**
 * Copies a sound back-up beside the database of a folder, to be placed there by {@link placeStaged}.
 * @throws {MigrationError} not-a-database for a file that is no sound shop; nothing is changed then
 */
export const stageBackup = (folder: string, file: string): Promise<void> =>
  copySound(file, path.join(folder, STAGED));

/**
 * Puts the staged copy in place of the database, which nobody has open, and keeps what it replaces beside it. At every instant
 * one of the two stands there whole: whatever ends it in between, a shop is found.
 * @returns the name under which the replaced database is kept; null where there was none
 */
export function placeStaged(folder: string, atMs: number): string | null {
  const part = path.join(folder, STAGED);
  const current = path.join(folder, DATABASE_FILE);
  const aside = existsSync(current) ? `replaced-${backupName(atMs)}` : null;
  if (aside !== null) {
    // What is damaged can not be tidied; its log is kept beside it then.
    const tidy = folded(current);
    alsoAs(current, path.join(folder, aside));
    for (const more of ['-wal', '-shm']) {
      if (existsSync(/* turbopackIgnore: true */ `${current}${more}`) && !tidy) {
        renameSync(
          `${current}${more}`,
          path.join(/* turbopackIgnore: true */ folder, `${aside}${more}`),
        );
      }
    }
  }
  for (const more of ['-wal', '-shm']) rmSync(`${current}${more}`, { force: true });
  chmodSync(part, OWN_FILE);
  renameSync(part, current);
  return aside;
}

/** Gives a file a second name; a copy where the disk knows no second names. */
function alsoAs(file: string, name: string): void {
  rmSync(name, { force: true });
  try {
    linkSync(file, name);
  } catch {
    copyFileSync(file, name);
  }
}

/**
 * Takes a placed back-up away again and puts what it replaced back.
 * @param aside the name that {@link placeStaged} gave
 */
export function placeBack(folder: string, aside: string): void {
  const current = path.join(folder, DATABASE_FILE);
  for (const more of ['-wal', '-shm']) rmSync(`${current}${more}`, { force: true });
  renameSync(path.join(folder, aside), current);
}

async function copySound(file: string, to: string): Promise<void> {
  const refuse = (cause?: unknown) =>
    new MigrationError(
      'not-a-database',
      tr`The file ${file} is no back-up of a shop that can be read. Nothing was changed.`,
      { cause },
    );
  if (!existsSync(file)) throw refuse();
  const from = openReadOnly(file, refuse);
  try {
    const check = from.pragma('integrity_check', { simple: true });
    const shop = from.prepare(`SELECT count(*) AS count FROM shop`).get() as { count: number };
    if (check !== 'ok' || shop.count !== 1) throw refuse();
    await from.backup(to);
  } catch (cause) {
    rmSync(to, { force: true });
    if (isDiskError(cause)) throw new MigrationError('disk-full', diskSentence(), { cause });
    throw cause instanceof MigrationError ? cause : refuse(cause);
  } finally {
    from.close();
  }
}

function openReadOnly(file: string, refuse: (cause: unknown) => MigrationError): Db {
  try {
    return new Database(file, { readonly: true, fileMustExist: true });
  } catch (cause) {
    throw refuse(cause);
  }
}
