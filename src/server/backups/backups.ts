import { tr } from '@/words/tr';
import path from 'node:path';
import {
  addBackup,
  backupsFolder,
  dataFolder,
  dropBackup,
  journalVersion,
  listBackups,
  MigrationError,
  contentsOf,
  type Backup,
  type BackupContents,
} from '@/data';
import type { ShopContext } from '../context';
import { shopLog } from '../shop-log';
import { done, refused, type Outcome } from '@/shop/outcome';

export type { Backup };

const holder = globalThis as {
  olvikBackedUp?: number;
  olvikChecked?: Map<string, BackupContents>;
};

const DAY_MS = 24 * 3_600_000;
/** The newest ones that are kept, whatever their age. */
export const KEPT_NEWEST = 8;
/** Days of which the last one of each is kept. */
export const KEPT_DAYS = 30;

/** Back-ups that may go: neither among the newest nor the last of one of the last days. */
export function passedBackups(backups: readonly Backup[], nowMs: number): Backup[] {
  const inOrder = [...backups].sort((a, b) => b.atMs - a.atMs);
  const days = new Set<number>();
  return inOrder.filter((one, index) => {
    const day = Math.floor(one.atMs / DAY_MS);
    const lastOfDay = !days.has(day);
    days.add(day);
    if (index < KEPT_NEWEST) return false;
    return !(lastOfDay && nowMs - one.atMs <= KEPT_DAYS * DAY_MS);
  });
}

/** Copies the database while it is in use, and lets those go that are too many and too old. */
export async function keepBackup(
  context: ShopContext,
  realMs: number,
): Promise<Outcome<{ backup: Backup; dropped: number }>> {
  const folder = dataFolder(context.db);
  if (folder === null) {
    return refused(null, tr`Back-up: this shop is in memory only. Nothing was kept.`);
  }
  let backup: Backup;
  try {
    backup = await addBackup(context.db, folder, realMs);
  } catch (error) {
    if (error instanceof MigrationError) return refused(null, error.message);
    throw error;
  }
  // It was read through as it was made: what it holds is counted, no more.
  const held = { ...contentsOf(folder, backup.name, false) };
  holder.olvikChecked ??= new Map();
  holder.olvikChecked.set(keyOf(folder, backup), held);
  const passed = passedBackups(listBackups(folder), realMs);
  for (const one of passed) dropBackup(folder, one.name);
  return done({ backup, dropped: passed.length });
}

/** A back-up with what is in it. */
export interface BackupRow extends Backup, BackupContents {
  /** It was read through to its last page, not only opened. */
  readonly through: boolean;
}

const keyOf = (folder: string, { name, bytes }: Backup) => `${folder} ${name} ${bytes}`;

/** The back-ups of the shop, the newest first: those read through as they were then, the others opened and counted. */
export function backupsOf(context: ShopContext): readonly BackupRow[] {
  const folder = dataFolder(context.db);
  return folder === null
    ? []
    : listBackups(folder).map((one) => {
        const known = holder.olvikChecked?.get(keyOf(folder, one));
        return known === undefined
          ? { ...one, ...contentsOf(folder, one.name, false), through: false }
          : { ...one, ...known, through: true };
      });
}

/** A back-up that is kept, with where its file lies; null for another name. */
export function backupFile(
  context: ShopContext,
  name: string | null,
): (Backup & { readonly file: string }) | null {
  const folder = dataFolder(context.db);
  if (folder === null) return null;
  const found = listBackups(folder).find((one) => one.name === name);
  return found === undefined
    ? null
    : { ...found, file: path.join(backupsFolder(folder), found.name) };
}

/** Reads one back-up through, and remembers what it is. */
function readThrough(folder: string, one: Backup): BackupContents {
  const contents = contentsOf(folder, one.name, true);
  holder.olvikChecked ??= new Map();
  holder.olvikChecked.set(keyOf(folder, one), contents);
  if (contents.damage !== null) {
    shopLog.error({ name: one.name, damage: contents.damage }, 'a back-up is damaged');
  }
  return contents;
}

/**
 * Reads every back-up through, one after the other with the server free between them; those that can not be read are told to
 * the log and where they are listed.
 */
export async function checkBackups(context: ShopContext): Promise<readonly BackupRow[]> {
  const folder = dataFolder(context.db);
  if (folder === null) return [];
  for (const one of listBackups(folder)) {
    readThrough(folder, one);
    await new Promise((resolve) => setImmediate(resolve));
  }
  return backupsOf(context).filter(({ damage }) => damage !== null);
}

/** A back-up where something was written since the last one that this server took. */
export async function keepBackupOfNews(context: ShopContext, realMs: number): Promise<void> {
  const version = journalVersion(context.db);
  if (holder.olvikBackedUp === version) return;
  holder.olvikBackedUp = version;
  await keepBackup(context, realMs);
}
