import type { Db } from './db';

/** The sack a flour comes from, from an instant on. */
export interface FlourLot {
  readonly id: string;
  readonly flourId: string;
  readonly code: string;
  readonly fromMs: number;
}

/** Every sack that was opened, oldest first. */
export function listFlourLots(db: Db): FlourLot[] {
  return db
    .prepare(
      'SELECT id, flour_id AS flourId, code, from_ms AS fromMs FROM flour_lot ORDER BY from_ms, rowid',
    )
    .all() as FlourLot[];
}

/** Notes that a new sack was opened. */
export function addFlourLot(db: Db, lot: FlourLot): void {
  db.prepare(
    'INSERT INTO flour_lot (id, flour_id, code, from_ms) VALUES (@id, @flourId, @code, @fromMs)',
  ).run(lot);
}

/** Takes a sack back that was noted by mistake. */
export function dropFlourLot(db: Db, id: string): void {
  db.prepare('DELETE FROM flour_lot WHERE id = ?').run(id);
}
