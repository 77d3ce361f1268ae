/** A series over hours, read at rows. */
export interface Series {
  readonly hours: ArrayLike<number>;
  readonly length: number;
  /** Value at a row. */
  readonly at: (row: number) => number;
}

/** Hour at which the line between two rows meets a level. */
function meet(series: Series, row: number, level: number): number {
  const before = series.at(row - 1);
  const after = series.at(row);
  const fromH = series.hours[row - 1] as number;
  const toH = series.hours[row] as number;
  return after === before ? toH : fromH + ((level - before) / (after - before)) * (toH - fromH);
}

/** Rows between two looks at a series that is dear to read; in less it does not rise and fall again. */
const STRIDE = 4;

/**
 * The same as {@link firstRise} from the first row on, for a series that is dear to read and does not waver: looked at
 * every few rows, and row by row where it has come to the level.
 */
export function firstRiseByStrides(series: Series, level: number): number | null {
  let row = 0;
  while (row < series.length - 1 && series.at(row) < level) {
    row = Math.min(series.length - 1, row + STRIDE);
  }
  return firstRise(series, level, Math.max(0, row - STRIDE));
}

/**
 * First hour, from a row on, at which a series reaches a level from below; null when it never does.
 * A series that starts at or above the level reaches it at once.
 */
export function firstRise(series: Series, level: number, fromRow = 0): number | null {
  if (fromRow >= series.length) return null;
  if (series.at(fromRow) >= level) return series.hours[fromRow] as number;
  for (let row = fromRow + 1; row < series.length; row += 1) {
    if (series.at(row) >= level) return meet(series, row, level);
  }
  return null;
}

/** First hour, from a row on, at which a series falls under a level; null when it never does. */
export function firstFall(series: Series, level: number, fromRow = 0): number | null {
  if (fromRow >= series.length) return null;
  if (series.at(fromRow) < level) return series.hours[fromRow] as number;
  for (let row = fromRow + 1; row < series.length; row += 1) {
    if (series.at(row) < level) return meet(series, row, level);
  }
  return null;
}

/** First row at or after an hour; the last row when the hour lies beyond. */
export function rowAtHour(hours: ArrayLike<number>, length: number, hour: number): number {
  let low = 0;
  let high = length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((hours[middle] as number) < hour) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** A series between its rows, linearly; its ends are held. */
export function valueAtHour(series: Series, hour: number): number {
  const row = rowAtHour(series.hours, series.length, hour);
  if (row === 0) return series.at(0);
  const fromH = series.hours[row - 1] as number;
  const toH = series.hours[row] as number;
  const share = toH === fromH ? 1 : Math.min(1, (hour - fromH) / (toH - fromH));
  return series.at(row - 1) + share * (series.at(row) - series.at(row - 1));
}

/** Row and value of the greatest value between two rows. */
export function greatest(
  series: Series,
  fromRow: number,
  toRow: number,
): { row: number; value: number } {
  let row = fromRow;
  for (let i = fromRow + 1; i <= toRow; i += 1) if (series.at(i) > series.at(row)) row = i;
  return { row, value: series.at(row) };
}
