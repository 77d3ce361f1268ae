import { tr } from '@/words/tr';
import { chmodSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { backupName, backupsFolder } from './backup-names';
import type { Db } from './db';
import { MigrationError } from './errors';
import { OWN_FILE, OWN_FOLDER } from './own-files';

/**
 * Keeps a copy of a database as it is before it is brought to a newer schema, among the back-ups.
 * @param atMs when: its name
 * @throws {MigrationError} backup-not-sound where none can be kept; nothing is changed then
 */
export function copyBeforeUpdate(db: Db, folder: string, atMs: number): void {
  const kept = backupsFolder(folder);
  const file = path.join(kept, backupName(atMs));
  if (existsSync(/* turbopackIgnore: true */ file)) return;
  const part = `${file}.part`;
  try {
    mkdirSync(kept, { recursive: true, mode: OWN_FOLDER });
    rmSync(part, { force: true });
    db.prepare('VACUUM INTO ?').run(part);
    chmodSync(part, OWN_FILE);
    renameSync(part, file);
  } catch (cause) {
    if (existsSync(/* turbopackIgnore: true */ part)) rmSync(part);
    throw new MigrationError(
      'backup-not-sound',
      tr`Update: no copy of the shop could be kept first (${cause instanceof Error ? cause.message : String(cause)}). Make room on the disk, and start Olvik again. Nothing was changed.`,
      { cause },
    );
  }
}
