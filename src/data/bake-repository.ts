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

/** Every bake, the earliest service first. */
export function listBakes(db: Db): Bake[] {
  return db.prepare(`SELECT ${COLUMNS} FROM bake ORDER BY ready_from_ms`).all().map(toBake);
}

/**
 * One bake.
 * @throws {NotFoundError}
 */
export function oneBake(db: Db, id: string): Bake {
  const row = db.prepare(`SELECT ${COLUMNS} FROM bake WHERE id = ?`).get(id);
  if (row === undefined) throw new NotFoundError('Bake', id);
  return toBake(row);
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
