import { formulaSchema, type Formula } from '@/core/formula';
import type { Db } from './connection';
import { NotFoundError } from './errors';

/** A demand for balls. */
export interface Bake {
  readonly id: string;
  readonly name: string;
  readonly createdMs: number;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  /** Of a bake from a poolish; null for one of a method. */
  readonly formula: Formula | null;
  /** The version it is baked with; null for a bake from a poolish. */
  readonly methodVersionId: string | null;
  readonly poolishPlaceId: string;
  readonly doughPlaceId: string;
  /** The service it meets, and the day of it; left out where nobody asked for it. */
  readonly demandId?: string | null;
  readonly demandDate?: string | null;
}

const COLUMNS = `id, name, created_ms AS createdMs, ready_from_ms AS readyFromMs,
  ready_to_ms AS readyToMs, formula, poolish_place_id AS poolishPlaceId,
  dough_place_id AS doughPlaceId, method_version_id AS methodVersionId,
  demand_id AS demandId, demand_date AS demandDate`;

function toBake(row: unknown): Bake {
  const { formula, ...rest } = row as Omit<Bake, 'formula'> & { formula: string };
  return { ...rest, formula: formulaSchema.nullable().parse(JSON.parse(formula)) };
}

/** The bakes whose service ends at an instant or after it, the earliest service first; every one where none is given. */
export function listBakes(db: Db, fromMs = -Number.MAX_SAFE_INTEGER): Bake[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM bake WHERE ready_to_ms >= ? ORDER BY ready_from_ms`)
    .all(fromMs)
    .map(toBake);
}

/** One bake; null where there is none of that id. */
export function maybeOneBake(db: Db, id: string): Bake | null {
  const row = db.prepare(`SELECT ${COLUMNS} FROM bake WHERE id = ?`).get(id);
  return row === undefined ? null : toBake(row);
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
  if (bake === null) throw new NotFoundError('Bake', id);
  return bake;
}

/** Adds a bake. */
export function addBake(db: Db, bake: Bake): void {
  db.prepare(
    `INSERT INTO bake (id, name, created_ms, ready_from_ms, ready_to_ms, formula,
       poolish_place_id, dough_place_id, method_version_id, demand_id, demand_date)
     VALUES (@id, @name, @createdMs, @readyFromMs, @readyToMs, @formula,
       @poolishPlaceId, @doughPlaceId, @methodVersionId, @demandId, @demandDate)`,
  ).run({
    ...bake,
    demandId: bake.demandId ?? null,
    demandDate: bake.demandDate ?? null,
    formula: JSON.stringify(bake.formula),
  });
}
