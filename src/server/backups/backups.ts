import {
  addBackup,
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
    return refused(null, 'Back-up: this shop is in memory only. Nothing was kept.');
  }
  let backup: Backup;
  try {
    backup = await addBackup(context.db, folder, realMs);
  } catch (error) {
    if (error instanceof MigrationError) return refused(null, error.message);
    throw error;
  }
  const passed = passedBackups(listBackups(folder), realMs);
  for (const one of passed) dropBackup(folder, one.name);
  return done({ backup, dropped: passed.length });
}

/** A back-up with what is in it. */
export interface BackupRow extends Backup, BackupContents {}

/** The back-ups of the shop, the newest first, each read through once. */
export function backupsOf(context: ShopContext): readonly BackupRow[] {
  const folder = dataFolder(context.db);
  return folder === null
    ? []
    : listBackups(folder).map((one) => ({ ...one, ...checked(folder, one) }));
}

/** What is in a back-up; read anew where the file is another one than before. */
function checked(folder: string, { name, bytes }: Backup): BackupContents {
  holder.olvikChecked ??= new Map();
  const key = `${folder} ${name} ${bytes}`;
  const known = holder.olvikChecked.get(key) ?? contentsOf(folder, name);
  holder.olvikChecked.set(key, known);
  return known;
}

/** Reads every back-up of the shop anew; those that can not be read are told to the log. */
export function checkBackups(context: ShopContext): readonly BackupRow[] {
  holder.olvikChecked?.clear();
  const damaged = backupsOf(context).filter(({ damage }) => damage !== null);
  for (const { name, damage } of damaged) shopLog.error({ name, damage }, 'a back-up is damaged');
  return damaged;
}

/** A back-up where something was written since the last one that this server took. */
export async function keepBackupOfNews(context: ShopContext, realMs: number): Promise<void> {
  const version = journalVersion(context.db);
  if (holder.olvikBackedUp === version) return;
  holder.olvikBackedUp = version;
  await keepBackup(context, realMs);
}
