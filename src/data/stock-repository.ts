import type { Db } from './db';

/** What is noted of an ingredient’s stock. */
export interface StockNote {
  readonly ingredientId: string;
  /** There when it was counted, g; null where it never was. */
  readonly thereG: number | null;
  readonly countedMs: number | null;
  /** In the shop’s money; null where nobody said. */
  readonly pricePerKg: number | null;
}

/** What is noted of every ingredient. */
export function listStock(db: Db): StockNote[] {
  return db
    .prepare(
      `SELECT ingredient_id AS ingredientId, there_g AS thereG, counted_ms AS countedMs,
         price_per_kg AS pricePerKg
       FROM stock ORDER BY ingredient_id`,
    )
    .all() as StockNote[];
}

/** Notes an ingredient’s stock in the place of what was noted before. */
export function saveStock(db: Db, note: StockNote): void {
  db.prepare(
    `INSERT INTO stock (ingredient_id, there_g, counted_ms, price_per_kg)
     VALUES (@ingredientId, @thereG, @countedMs, @pricePerKg)
     ON CONFLICT (ingredient_id) DO UPDATE SET there_g = excluded.there_g,
       counted_ms = excluded.counted_ms, price_per_kg = excluded.price_per_kg`,
  ).run(note);
}
