import type { Db } from './db';

/** A jar that was judged in practice. */
export interface PracticeRow {
  readonly id: string;
  readonly atMs: number;
  readonly who: string | null;
  readonly seed: number;
  readonly level: number;
  readonly kind: string;
  readonly truth: string;
  readonly judged: string;
  readonly points: number;
}

/** The last rounds of practice, the oldest of them first. */
export function listPracticeRounds(db: Db, limit: number): PracticeRow[] {
  return db
    .prepare(
      `SELECT id, at_ms AS atMs, who, seed, level, kind, truth, judged, points
       FROM practice_round ORDER BY at_ms DESC, rowid DESC LIMIT ?`,
    )
    .all(limit)
    .reverse() as PracticeRow[];
}

/** Adds a round of practice. */
export function addPracticeRound(db: Db, row: PracticeRow): void {
  db.prepare(
    `INSERT INTO practice_round (id, at_ms, who, seed, level, kind, truth, judged, points)
     VALUES (@id, @atMs, @who, @seed, @level, @kind, @truth, @judged, @points)`,
  ).run(row);
}
