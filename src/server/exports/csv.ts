import { stringify } from 'csv-stringify/sync';
import type { ExportTable } from '../paper/table';

/** Rows that are written at once: years of them go out in pieces. */
const ROWS_AT_ONCE = 500;
const AS = { escape_formulas: true, record_delimiter: 'windows' } as const;

/** A table as CSV, piece by piece; cells that a table program would run are made harmless. */
export function* csvText({ head, rows }: ExportTable): Generator<string> {
  yield stringify([[...head]], AS);
  let some: unknown[][] = [];
  for (const row of rows) {
    some.push([...row]);
    if (some.length < ROWS_AT_ONCE) continue;
    yield stringify(some, AS);
    some = [];
  }
  if (some.length > 0) yield stringify(some, AS);
}
