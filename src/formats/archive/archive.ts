import { toJSONSchema } from 'zod';
import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { TABLE_NAMES, type ArchiveTable } from './tables';
import { rowSchema } from './row-schema';

/** What an archive calls itself. */
export const ARCHIVE_FORMAT = 'olvik-shop';
/** The version of the archive that this Olvik writes; it reads this one and all before it. */
export const ARCHIVE_VERSION = 1;

/** A row of an archive: columns by their names, JSON columns as values. */
export type ArchiveRow = Readonly<Record<string, unknown>>;

/** A whole shop as one JSON value. */
export interface Archive {
  readonly format: typeof ARCHIVE_FORMAT;
  readonly version: number;
  readonly tables: Readonly<Record<ArchiveTable, readonly ArchiveRow[]>>;
  /** Photos by their names, as base64. */
  readonly photos: Readonly<Record<string, string>>;
}

const photos = z.record(
  z.string().regex(/^[a-z0-9-]{8,60}\.jpg$/),
  z.string().regex(/^[A-Za-z0-9+/]*={0,2}$/),
);

/** Tables that archives of an earlier Olvik do not have. */
const LATER: ReadonlySet<ArchiveTable> = new Set([
  'practice_round',
  'step_person',
  'demand_skip',
  'stock',
]);

function tableSchema(name: ArchiveTable): z.ZodType {
  const rows = z.array(rowSchema(name));
  return LATER.has(name) ? rows.default([]) : rows;
}

/** The archive as a schema; {@link archiveJsonSchema} publishes it. */
const archiveSchema = z.strictObject({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(ARCHIVE_VERSION),
  tables: z.strictObject(
    Object.fromEntries(TABLE_NAMES.map((name) => [name, tableSchema(name)])) as Record<
      ArchiveTable,
      z.ZodType
    >,
  ),
  photos,
});

/** The published JSON Schema of the archive (draft 2020-12). */
export function archiveJsonSchema(): object {
  return {
    title: tr`A shop of Olvik`,
    ...toJSONSchema(archiveSchema, { io: 'input', unrepresentable: 'any' }),
  };
}

/** An archive that was read, or the sentence that says where it is wrong. */
export type ReadArchive =
  | { readonly kind: 'archive'; readonly archive: Archive }
  | { readonly kind: 'refused'; readonly sentence: string };

const nothing = () => tr`Nothing was changed.`;

/** Reads an archive from its text; whatever is not one is refused with the place where it is wrong. */
export function readArchive(text: string): ReadArchive {
  const value = parsedJson(text);
  if (value === undefined) {
    return refused(tr`Archive: the file is not JSON, or it is cut off. ${nothing()}`);
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(value);
  if (!head.success || head.data.format !== ARCHIVE_FORMAT) {
    return refused(
      tr`Archive: the file is not an archive of a shop. Allowed: a file whose “format” is “${ARCHIVE_FORMAT}”. ${nothing()}`,
    );
  }
  if (head.data.version !== ARCHIVE_VERSION) {
    return refused(
      tr`Archive: version ${head.data.version} is not known. Allowed: version ${ARCHIVE_VERSION}. ${nothing()}`,
    );
  }
  const parsed = archiveSchema.safeParse(value);
  if (!parsed.success) return refused(placeOf(parsed.error, value));
  return { kind: 'archive', archive: parsed.data as Archive };
}

const refused = (sentence: string): ReadArchive => ({ kind: 'refused', sentence });

function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/** Where the first thing is wrong, in words: table, row, column, what stands there. */
function placeOf(error: z.ZodError, value: unknown): string {
  const { path, message } = error.issues[0] ?? { path: [], message: '' };
  const found = shortened(valueAt(value, path));
  return tr`Archive: ${whereOf(path)}: ${found} is not possible (${message}). ${nothing()}`;
}

function whereOf(path: readonly PropertyKey[]): string {
  const [section, table, row, ...column] = path.map(String);
  if (section !== 'tables' || typeof path[2] !== 'number') return path.join('.') || tr`the file`;
  const where = column.length === 0 ? '' : `, ${column.join('.')}`;
  return tr`${table}, row ${Number(row) + 1}${where}`;
}

function valueAt(value: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) =>
      typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined,
    value,
  );
}

function shortened(value: unknown): string {
  if (value === undefined) return tr`nothing`;
  const text = JSON.stringify(value) ?? String(value);
  return `“${text.length > 60 ? `${text.slice(0, 60)}…` : text}”`;
}
