import { chmodSync, existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';

/** Nobody else of the machine reads what a shop keeps. */
export const OWN_FOLDER = 0o700;
export const OWN_FILE = 0o600;

/** The folders inside a data folder. */
const INSIDE = ['', 'photos', 'backups'] as const;

/** Keeps a data folder and the files of the shop in it to their owner. What can not be changed (another’s disk) stays as it is. */
export function ownFiles(folder: string): void {
  for (const name of INSIDE) {
    const at = path.join(/* turbopackIgnore: true */ folder, name);
    if (!existsSync(/* turbopackIgnore: true */ at)) continue;
    restrict(at, OWN_FOLDER);
    for (const file of readdirSync(/* turbopackIgnore: true */ at)) {
      const full = path.join(/* turbopackIgnore: true */ at, file);
      if (/\.(sqlite(-wal|-shm)?|jpg|part)$/.test(file)) restrict(full, OWN_FILE);
    }
  }
}

function restrict(file: string, mode: number): void {
  try {
    if ((statSync(file).mode & 0o777) !== mode) chmodSync(file, mode);
  } catch {
    // Not ours to change.
  }
}

/** Clears what a killed process left half written. Only where no other Olvik writes there: see {@link holdFolder}. */
export function clearParts(folder: string): void {
  for (const name of INSIDE) {
    const at = path.join(/* turbopackIgnore: true */ folder, name);
    if (!existsSync(/* turbopackIgnore: true */ at)) continue;
    for (const file of readdirSync(/* turbopackIgnore: true */ at)) {
      if (file.endsWith('.part'))
        rmSync(path.join(/* turbopackIgnore: true */ at, file), { force: true });
    }
  }
}
