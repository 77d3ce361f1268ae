import type { Db } from './db';

/** A clock that showed `demoMs` when the machine's clock showed `realMs` and runs at `rate`. */
export interface DemoClock {
  readonly realMs: number;
  readonly demoMs: number;
  readonly rate: number;
}

/** The demo shop's clock; null in a baker's own shop. */
export function maybeOneDemoClock(db: Db): DemoClock | null {
  const row = db
    .prepare('SELECT real_ms AS realMs, demo_ms AS demoMs, rate FROM demo_clock WHERE id = 1')
    .get();
  return (row as DemoClock | undefined) ?? null;
}

/** Sets the demo shop's clock. */
export function saveDemoClock(db: Db, clock: DemoClock): void {
  db.prepare(
    `INSERT INTO demo_clock (id, real_ms, demo_ms, rate) VALUES (1, @realMs, @demoMs, @rate)
     ON CONFLICT (id) DO UPDATE SET real_ms = excluded.real_ms, demo_ms = excluded.demo_ms,
       rate = excluded.rate`,
  ).run(clock);
}
