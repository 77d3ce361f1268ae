/** A cell of a table that leaves Olvik. */
export type Cell = string | number | null;

/** A table with its head, its rows one by one. */
export interface ExportTable {
  readonly head: readonly string[];
  readonly rows: Iterable<readonly Cell[]>;
}
