import type { Db } from './db';

/** What a simulated probe can be told to suffer from. */
export const PROBE_FAULTS = ['none', 'door open', 'failing', 'lost', 'frozen'] as const;
export type ProbeFault = (typeof PROBE_FAULTS)[number];

/** A probe in a place. */
export interface ProbeRow {
  readonly placeId: string;
  readonly kind: 'simulated';
  readonly fault: ProbeFault;
  readonly faultFromMs: number;
}

/** Every probe. */
export function listProbes(db: Db): ProbeRow[] {
  return db
    .prepare(
      `SELECT place_id AS placeId, kind, fault, fault_from_ms AS faultFromMs
       FROM probe ORDER BY place_id`,
    )
    .all() as ProbeRow[];
}

/** Puts a probe into a place, or changes the one there. */
export function saveProbe(db: Db, probe: ProbeRow): void {
  db.prepare(
    `INSERT INTO probe (place_id, kind, fault, fault_from_ms)
     VALUES (@placeId, @kind, @fault, @faultFromMs)
     ON CONFLICT (place_id) DO UPDATE SET kind = excluded.kind, fault = excluded.fault,
       fault_from_ms = excluded.fault_from_ms`,
  ).run(probe);
}
