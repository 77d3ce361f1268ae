import { tr } from '@/words/tr';
import { type Bake } from '@/shop/kept/bake';
import type { Db } from './db';
import { NotFoundError } from './errors';

const COLUMNS = `id, name, created_ms AS createdMs, ready_from_ms AS readyFromMs,
  ready_to_ms AS readyToMs, method_version_id AS methodVersionId,
  demand_id AS demandId, demand_date AS demandDate`;

/** The bakes whose service ends at an instant or after it, the earliest service first; every one where none is given. */
export function listBakes(db: Db, fromMs = -Number.MAX_SAFE_INTEGER): Bake[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM bake WHERE ready_to_ms >= ? ORDER BY ready_from_ms`)
    .all(fromMs) as Bake[];
}

/** One bake; null where there is none of that id. */
export function maybeOneBake(db: Db, id: string): Bake | null {
  const row = db.prepare(`SELECT ${COLUMNS} FROM bake WHERE id = ?`).get(id);
  return row === undefined ? null : (row as Bake);
}

/** Names of bakes by their ids; those that are not there are left out. */
export function listBakeNames(db: Db, ids: readonly string[]): Map<string, string> {
  const rows = db
    .prepare('SELECT id, name FROM bake WHERE id IN (SELECT value FROM json_each(?))')
    .all(JSON.stringify(ids)) as { id: string; name: string }[];
  return new Map(rows.map((row) => [row.id, row.name]));
}

/**
 * One bake.
 * @throws {NotFoundError}
 */
export function oneBake(db: Db, id: string): Bake {
  const bake = maybeOneBake(db, id);
  if (bake === null) throw new NotFoundError(tr`Bake`, id);
  return bake;
}

/** Adds a bake. What earlier days kept of one is left empty: its places are the first one’s. */
export function addBake(db: Db, bake: Bake): void {
  db.prepare(
    `INSERT INTO bake (id, name, created_ms, ready_from_ms, ready_to_ms, formula,
       poolish_place_id, dough_place_id, method_version_id, demand_id, demand_date)
     SELECT @id, @name, @createdMs, @readyFromMs, @readyToMs, 'null', place.id, place.id,
       @methodVersionId, @demandId, @demandDate FROM place ORDER BY place.rowid LIMIT 1`,
  ).run({ ...bake, demandId: bake.demandId ?? null, demandDate: bake.demandDate ?? null });
}
