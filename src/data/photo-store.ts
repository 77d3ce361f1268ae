import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import type { Db } from './db';
import { OWN_FILE, OWN_FOLDER } from './own-files';

/** A name under which a photo is kept: nothing else leads out of the folder. */
export const PHOTO_NAME = /^[a-z0-9-]{8,60}\.jpg$/;

/** Where the photos of a shop are kept: beside its database; null for a shop in memory. */
export function photosFolder(db: Db): string | null {
  return db.memory || db.name === '' ? null : path.join(path.dirname(db.name), 'photos');
}

/** Keeps a photo. Written aside and renamed, so that a killed process leaves none half written. */
export function savePhoto(db: Db, name: string, bytes: Uint8Array): boolean {
  const folder = photosFolder(db);
  if (folder === null || !PHOTO_NAME.test(name)) return false;
  mkdirSync(folder, { recursive: true, mode: OWN_FOLDER });
  const file = path.join(folder, name);
  try {
    writeFileSync(`${file}.part`, bytes, { mode: OWN_FILE });
    renameSync(`${file}.part`, file);
  } catch (error) {
    // What did not fit takes no room.
    rmSync(`${file}.part`, { force: true });
    throw error;
  }
  return true;
}

/** Removes a photo. */
export function dropPhoto(db: Db, name: string): void {
  const folder = photosFolder(db);
  if (folder !== null && PHOTO_NAME.test(name)) rmSync(path.join(folder, name), { force: true });
}

/** Names of the kept photos, in order. */
export function listPhotoNames(db: Db): string[] {
  const folder = photosFolder(db);
  if (folder === null || !existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => PHOTO_NAME.test(name))
    .sort();
}

/** The bytes of a photo; null where none is kept under the name. */
export function maybePhoto(db: Db, name: string): Uint8Array | null {
  const folder = photosFolder(db);
  if (folder === null || !PHOTO_NAME.test(name)) return null;
  const file = path.join(folder, name);
  return existsSync(file) ? readFileSync(file) : null;
}
