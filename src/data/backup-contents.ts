import path from 'node:path';
import Database from 'better-sqlite3';
import { backupsFolder } from './backup-names';
import type { Db } from './db';

/** What is in a back-up. */
export interface BackupContents {
  /** Entries of its journal; 0 where it can not be read. */
  readonly entries: number;
  /** What is wrong with it, in a few words; null for a sound one. */
  readonly damage: string | null;
}

/**
 * What a back-up holds.
 * @param through reads every page of it, which takes long for a large one; otherwise it is opened and counted
 */
export function contentsOf(folder: string, name: string, through: boolean): BackupContents {
  const file = path.join(backupsFolder(folder), name);
  let copy: Db | null = null;
  try {
    copy = new Database(file, { readonly: true, fileMustExist: true });
    const said = through ? (copy.pragma('integrity_check(1)', { simple: true }) as string) : 'ok';
    if (said !== 'ok') return { entries: 0, damage: said };
    const { entries } = copy.prepare('SELECT count(*) AS entries FROM journal').get() as {
      entries: number;
    };
    return { entries, damage: null };
  } catch (cause) {
    return { entries: 0, damage: cause instanceof Error ? cause.message : String(cause) };
  } finally {
    copy?.close();
  }
}

/** Folds the log of a database into it; false where it can not be read. */
export function folded(file: string): boolean {
  let db: Db | null = null;
  try {
    db = new Database(file);
    db.pragma('wal_checkpoint(TRUNCATE)');
    return true;
  } catch {
    return false;
  } finally {
    db?.close();
  }
}
