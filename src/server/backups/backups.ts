import {
  addBackup,
  dataFolder,
  dropBackup,
  journalVersion,
  listBackups,
  MigrationError,
  type Backup,
} from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';

export type { Backup };

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

/** The back-ups of the shop, the newest first. */
export function backupsOf(context: ShopContext): readonly Backup[] {
  const folder = dataFolder(context.db);
  return folder === null ? [] : listBackups(folder);
}

const holder = globalThis as { olvikBackedUp?: number };

/** A back-up where something was written since the last one that this server took. */
export async function keepBackupOfNews(context: ShopContext, realMs: number): Promise<void> {
  const version = journalVersion(context.db);
  if (holder.olvikBackedUp === version) return;
  holder.olvikBackedUp = version;
  await keepBackup(context, realMs);
}
