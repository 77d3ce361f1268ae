import { markSchema, type Mark } from '@/core/mixing';
import type { Db } from './db';

/** A batch of a planned mix on its card. */
export interface MixCardRow {
  readonly id: string;
  readonly stepId: string;
  readonly batchNumber: number;
  readonly startedMs: number;
}

const COLUMNS = `id, step_id AS stepId, batch_number AS batchNumber, started_ms AS startedMs`;

/** The cards of a step, by batch. */
export function listMixCards(db: Db, stepId: string): MixCardRow[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM mix_card WHERE step_id = ? ORDER BY batch_number`)
    .all(stepId) as MixCardRow[];
}

/** Adds a card. */
export function addMixCard(db: Db, card: MixCardRow): void {
  db.prepare(
    `INSERT INTO mix_card (id, step_id, batch_number, started_ms)
     VALUES (@id, @stepId, @batchNumber, @startedMs)`,
  ).run(card);
}

/** What happened on a card, in the order of writing. */
export function listMarks(db: Db, cardId: string): Mark[] {
  const rows = db
    .prepare('SELECT id, at_ms AS atMs, body FROM mix_mark WHERE card_id = ? ORDER BY seq')
    .all(cardId) as { id: string; atMs: number; body: string }[];
  return rows.map(({ id, atMs, body }) =>
    markSchema.parse({ id, atMs, what: JSON.parse(body) as unknown }),
  );
}

/** Writes a mark; one that was written before, by its id, is not written twice. */
export function addMark(db: Db, cardId: string, mark: Mark): void {
  db.prepare(
    `INSERT INTO mix_mark (id, card_id, at_ms, body) VALUES (@id, @cardId, @atMs, @body)
     ON CONFLICT (id) DO NOTHING`,
  ).run({ id: mark.id, cardId, atMs: mark.atMs, body: JSON.stringify(mark.what) });
}
