import { tr } from '@/words/tr';
import { parse } from 'csv-parse/sync';

/** How the columns of a logger’s file are read. */
export interface LoggerColumns {
  readonly time: string;
  readonly temperature: string;
  readonly unit: 'C' | 'F';
  /** Order of day and month in dates such as 03/04/2026. */
  readonly order: 'day first' | 'month first';
}

/** A row that was read: an instant, or a wall time where the file does not say the zone. */
export interface LoggerRow {
  /** Its number in the file, the head counted. */
  readonly row: number;
  readonly at: { readonly ms: number } | { readonly wall: string };
  readonly tempC: number;
}

/** A file of a logger as it was read, or the first row that can not be. */
export type ReadLogger =
  | { readonly kind: 'rows'; readonly head: readonly string[]; readonly rows: readonly LoggerRow[] }
  | { readonly kind: 'refused'; readonly sentence: string };

const MOST_ROWS = 500_000;
const nothing = () => tr`Nothing was stored.`;
/** What a thermometer in a kitchen can show, °C. */
const RANGE_C = [-40, 60] as const;

/** The records of a CSV file; a semicolon or a tab between cells is found out. */
function recordsOf(text: string): string[][] | string {
  const firstLine = text.split('\n', 1)[0] ?? '';
  const counts = [',', ';', '\t'].map((mark) => ({ mark, n: firstLine.split(mark).length }));
  const { mark } = counts.sort((a, b) => b.n - a.n)[0] ?? { mark: ',' };
  try {
    return parse(text, {
      delimiter: mark,
      bom: true,
      skip_empty_lines: true,
      relax_column_count: false,
      to: MOST_ROWS + 1,
    });
  } catch (cause) {
    return cause instanceof Error ? cause.message : String(cause);
  }
}

/** The names of the columns of a file, and which are likely time and temperature. */
export function loggerHead(
  text: string,
): { head: readonly string[]; time: string | null; temperature: string | null } | null {
  const records = recordsOf(text);
  if (typeof records === 'string') return null;
  const head = (records[0] ?? []).map((one) => one.trim());
  const like = (pattern: RegExp) => head.find((one) => pattern.test(one)) ?? null;
  return {
    head,
    time: like(/time|date|when|stamp|^at$/i),
    temperature: like(/temp|°|celsius|fahrenheit|^t$/i),
  };
}

/** Degrees that a column's name says: its unit, not a letter of a word (“Fridge °C” is °C); null where it says none. */
export function unitIn(column: string): LoggerColumns['unit'] | null {
  if (/fahrenheit|°\s*f\b|\bdeg(?:rees)?\s*f\b|[([_]\s*f\s*[)\]]?$|(?:^|\s)f$/i.test(column))
    return 'F';
  if (
    /celsius|centigrade|°\s*c\b|\bdeg(?:rees)?\s*c\b|[([_]\s*c\s*[)\]]?$|(?:^|\s)c$/i.test(column)
  )
    return 'C';
  return null;
}

/** Reads the rows of a logger’s file; one bad row is named and nothing of the file is taken. */
export function readLogger(text: string, columns: LoggerColumns): ReadLogger {
  const records = recordsOf(text);
  if (typeof records === 'string') {
    return refused(tr`Readings: the file is no table of readings (${records}). ${nothing()}`);
  }
  const head = (records[0] ?? []).map((one) => one.trim());
  const timeAt = head.indexOf(columns.time);
  const tempAt = head.indexOf(columns.temperature);
  if (timeAt < 0 || tempAt < 0) {
    const missing = timeAt < 0 ? columns.time : columns.temperature;
    return refused(
      tr`Readings: there is no column “${missing}”. Allowed: ${head.join(', ')}. ${nothing()}`,
    );
  }
  if (records.length > MOST_ROWS) {
    return refused(tr`Readings: more than ${MOST_ROWS} rows. Divide the file. ${nothing()}`);
  }
  const rows: LoggerRow[] = [];
  for (const [index, record] of records.slice(1).entries()) {
    const row = index + 2;
    const at = readTime(record[timeAt] ?? '', columns.order);
    if (at === null) {
      return refused(
        tr`Readings, row ${row}: “${short(record[timeAt])}” is no time. Allowed: 2026-11-27 06:10, 27.11.2026 06:10 or seconds since 1970. ${nothing()}`,
      );
    }
    const tempC = readTemperature(record[tempAt] ?? '', columns.unit);
    if (tempC === null) {
      return refused(
        tr`Readings, row ${row}: “${short(record[tempAt])}” is no temperature. Allowed: ${RANGE_C[0]} to ${RANGE_C[1]} °C. ${nothing()}`,
      );
    }
    rows.push({ row, at, tempC });
  }
  return { kind: 'rows', head, rows };
}

const refused = (sentence: string): ReadLogger => ({ kind: 'refused', sentence });
const short = (cell: string | undefined) => (cell ?? '').slice(0, 40);

const ISO =
  /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ](\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/;
const LOCAL = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})[ T,]+(\d{1,2}):(\d{2})(?::(\d{2}))?$/;

function readTime(cell: string, order: LoggerColumns['order']): LoggerRow['at'] | null {
  const text = cell.trim();
  if (/^\d{9,13}$/.test(text)) return { ms: Number(text) * (text.length > 11 ? 1 : 1000) };
  return isoTime(text) ?? localTime(text, order);
}

function isoTime(text: string): LoggerRow['at'] | null {
  const iso = ISO.exec(text);
  if (iso === null) return null;
  const [, year, month, day, hour = '0', minute = '00', , zone] = iso;
  const wall = wallOf([year, month, day, hour, minute]);
  if (wall === null || zone === undefined) return wall === null ? null : { wall };
  const offset = zone === 'Z' || zone.includes(':') ? zone : `${zone.slice(0, 3)}:${zone.slice(3)}`;
  const ms = Date.parse(`${wall}:00${offset}`);
  return Number.isNaN(ms) ? null : { ms };
}

function localTime(text: string, order: LoggerColumns['order']): LoggerRow['at'] | null {
  const local = LOCAL.exec(text);
  if (local === null) return null;
  const [, one, other, year, hour, minute] = local;
  const [day, month] = order === 'day first' ? [one, other] : [other, one];
  const wall = wallOf([year, month, day, hour, minute]);
  return wall === null ? null : { wall };
}

/** A wall time as text, or null for a day or an hour that there is not. */
function wallOf(parts: readonly (string | undefined)[]): string | null {
  const [year, month, day, hour, minute] = parts.map(Number) as [
    number,
    number,
    number,
    number,
    number,
  ];
  const date = new Date(Date.UTC(year, month - 1, day, hour, minute));
  const same =
    date.getUTCFullYear() === year &&
    date.getUTCMonth() === month - 1 &&
    date.getUTCDate() === day &&
    date.getUTCHours() === hour &&
    date.getUTCMinutes() === minute;
  return same ? date.toISOString().slice(0, 16) : null;
}

function readTemperature(cell: string, unit: 'C' | 'F'): number | null {
  const text = cell
    .trim()
    .replace(',', '.')
    .replace('−', '-')
    .replace(/\s*°?\s*[CF]?$/i, '');
  if (!/^-?\d+(\.\d+)?$/.test(text)) return null;
  const value = Number(text);
  const tempC = unit === 'F' ? ((value - 32) * 5) / 9 : value;
  return tempC >= RANGE_C[0] && tempC <= RANGE_C[1] ? tempC : null;
}
