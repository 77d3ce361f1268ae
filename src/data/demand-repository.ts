import { tr } from '@/words/tr';
import { type DemandRow } from '@/shop/kept/demand';
import { z } from '@/core/parse';
import type { Db } from './db';
import { NotFoundError } from './errors';

const perHourSchema = z.array(z.number().min(0).max(5000)).max(24).nullable();
const methodsSchema = z.array(z.string().min(1).max(80)).max(40);

const COLUMNS = `id, name, created_ms AS createdMs, ready_from_ms AS readyFromMs,
  ready_to_ms AS readyToMs, balls, per_hour AS perHour, methods, weekly,
  withdrawn_ms AS withdrawnMs, doughs`;

function toDemand(row: unknown): DemandRow {
  const { perHour, methods, weekly, ...rest } = row as Omit<
    DemandRow,
    'perHour' | 'methods' | 'weekly'
  > & { perHour: string | null; methods: string; weekly: number };
  return {
    ...rest,
    perHour: perHour === null ? null : perHourSchema.parse(JSON.parse(perHour)),
    methods: methodsSchema.parse(JSON.parse(methods)),
    weekly: weekly === 1,
  };
}

/** Every demand that was not withdrawn, the earliest first, with the days it is not held on. */
export function listDemands(db: Db): DemandRow[] {
  const skips = db
    .prepare('SELECT date FROM demand_skip WHERE demand_id = ? ORDER BY date')
    .pluck();
  return db
    .prepare(`SELECT ${COLUMNS} FROM demand WHERE withdrawn_ms IS NULL ORDER BY ready_from_ms, id`)
    .all()
    .map(toDemand)
    .map((one) => ({ ...one, skips: skips.all(one.id) as string[] }));
}

/** Says that a weekly demand is not held on a day, "2026-12-04", or that it is. */
export function saveDemandSkip(db: Db, demandId: string, date: string, skipped: boolean): void {
  const sql = skipped
    ? 'INSERT OR IGNORE INTO demand_skip (demand_id, date) VALUES (?, ?)'
    : 'DELETE FROM demand_skip WHERE demand_id = ? AND date = ?';
  db.prepare(sql).run(demandId, date);
}

/**
 * One demand, withdrawn or not.
 * @throws {NotFoundError}
 */
export function oneDemand(db: Db, id: string): DemandRow {
  const row = db.prepare(`SELECT ${COLUMNS} FROM demand WHERE id = ?`).get(id);
  if (row === undefined) throw new NotFoundError(tr`Service`, id);
  return toDemand(row);
}

/** Adds a demand, or changes the one of the same id. */
export function saveDemand(db: Db, demand: DemandRow): void {
  db.prepare(
    `INSERT INTO demand (id, name, created_ms, ready_from_ms, ready_to_ms, balls, per_hour,
       methods, weekly, withdrawn_ms, doughs)
     VALUES (@id, @name, @createdMs, @readyFromMs, @readyToMs, @balls, @perHour,
       @methods, @weekly, @withdrawnMs, @doughs)
     ON CONFLICT (id) DO UPDATE SET name = excluded.name,
       ready_from_ms = excluded.ready_from_ms, ready_to_ms = excluded.ready_to_ms,
       balls = excluded.balls, per_hour = excluded.per_hour, methods = excluded.methods,
       weekly = excluded.weekly, withdrawn_ms = excluded.withdrawn_ms, doughs = excluded.doughs`,
  ).run({
    ...demand,
    perHour: demand.perHour === null ? null : JSON.stringify(demand.perHour),
    methods: JSON.stringify(demand.methods),
    weekly: demand.weekly ? 1 : 0,
    doughs: demand.doughs ?? 1,
  });
}
