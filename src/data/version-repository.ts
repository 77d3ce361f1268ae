import type { Db } from './db';

/** A text that changes with every write to the database, by this connection or by another. */
export function databaseVersion(db: Db): string {
  const others = db.pragma('data_version', { simple: true }) as number;
  const own = db.prepare('SELECT total_changes() AS own').get() as { own: number };
  return `${others}-${own.own}`;
}
