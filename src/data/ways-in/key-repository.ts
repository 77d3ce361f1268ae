import type { KeyKind, WayKey } from '@/shop/kept/device';
import type { Db } from '../db';

const COLUMNS = 'id, kind, name, made_ms AS madeMs, used_ms AS usedMs';

/** Every key that opens something, the newest first. */
export function listKeys(db: Db): WayKey[] {
  return db.prepare(`SELECT ${COLUMNS} FROM way_key ORDER BY made_ms DESC, id`).all() as WayKey[];
}

/** Gives a key out. */
export function addKey(db: Db, key: WayKey, secretHash: string): void {
  db.prepare(
    `INSERT INTO way_key (id, kind, name, secret_hash, made_ms, used_ms)
     VALUES (@id, @kind, @name, @secretHash, @madeMs, @usedMs)`,
  ).run({ ...key, secretHash });
}

/** The key of a secret; null for a secret of none. */
export function maybeKeyOf(db: Db, kind: KeyKind, secretHash: string): WayKey | null {
  const found = db
    .prepare(`SELECT ${COLUMNS} FROM way_key WHERE kind = ? AND secret_hash = ?`)
    .get(kind, secretHash);
  return (found ?? null) as WayKey | null;
}

/** Notes that a key was used. */
export function noteKeyUse(db: Db, id: string, atMs: number): void {
  db.prepare('UPDATE way_key SET used_ms = ? WHERE id = ?').run(atMs, id);
}

/** Takes a key back: it opens nothing any more. False where there is none of that id. */
export function dropKey(db: Db, id: string): boolean {
  return db.prepare('DELETE FROM way_key WHERE id = ?').run(id).changes > 0;
}
