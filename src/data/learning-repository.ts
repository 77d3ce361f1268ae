import type { Db } from './db';

/** Instants from which looks count again, by culture. */
export function listLearningResets(db: Db): Map<string, number> {
  const rows = db.prepare('SELECT culture, from_ms AS fromMs FROM learning_reset').all() as {
    culture: string;
    fromMs: number;
  }[];
  return new Map(rows.map((row) => [row.culture, row.fromMs]));
}

/** Forgets what was learned about a culture before an instant. */
export function saveLearningReset(db: Db, culture: string, fromMs: number): void {
  db.prepare(
    `INSERT INTO learning_reset (culture, from_ms) VALUES (@culture, @fromMs)
     ON CONFLICT (culture) DO UPDATE SET from_ms = excluded.from_ms`,
  ).run({ culture, fromMs });
}

/** Takes a reset back: every look counts again. */
export function dropLearningReset(db: Db, culture: string): void {
  db.prepare('DELETE FROM learning_reset WHERE culture = ?').run(culture);
}
