import { contentSchema, type LabelContent } from '@/shop/kept/label';

import type { Db } from './db';

/** A label as it was printed. */
export interface PrintedLabel {
  readonly id: string;
  readonly atMs: number;
  readonly lotId: string;
  readonly size: string;
  readonly copies: number;
  readonly content: LabelContent;
}

/** Keeps a printed label. */
export function addPrintedLabel(db: Db, label: PrintedLabel): void {
  db.prepare(
    `INSERT INTO printed_label (id, at_ms, lot_id, size, copies, content)
     VALUES (@id, @atMs, @lotId, @size, @copies, @content)`,
  ).run({ ...label, content: JSON.stringify(label.content) });
}

/** The last labels printed, newest first. */
export function listPrintedLabels(db: Db, most: number): PrintedLabel[] {
  const rows = db
    .prepare(
      `SELECT id, at_ms AS atMs, lot_id AS lotId, size, copies, content
       FROM printed_label ORDER BY at_ms DESC, rowid DESC LIMIT ?`,
    )
    .all(most) as (Omit<PrintedLabel, 'content'> & { content: string })[];
  return rows.map((row) => ({ ...row, content: contentSchema.parse(JSON.parse(row.content)) }));
}
