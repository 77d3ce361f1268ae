import { entrySchema } from '@/core/journal';
import { methodSchema } from '@/core/methods';
import { z } from '@/core/parse';
import { type ColumnKind, ARCHIVE_TABLES, type ArchiveTable } from './tables';

/** What stands in the JSON columns whose shape matters to the core. */
const BODIES: Readonly<Partial<Record<`${ArchiveTable}.${string}`, z.ZodType>>> = {
  'journal.body': entrySchema.shape.body,
  'method_version.body': methodSchema,
};

const whole = z.number().int().min(Number.MIN_SAFE_INTEGER).max(Number.MAX_SAFE_INTEGER);
const KINDS: Readonly<Record<'int' | 'real' | 'text' | 'json', z.ZodType>> = {
  int: whole,
  real: z.number(),
  text: z.string().max(100_000),
  json: z.json(),
};

function columnSchema(table: ArchiveTable, column: string, kind: ColumnKind): z.ZodType {
  if (kind === 'int=1') return KINDS.int.default(1);
  if (kind === 'int=80') return KINDS.int.default(80);
  if (kind === 'text?=null') return KINDS.text.nullable().default(null);
  if (kind === 'text=cm') return KINDS.text.default('cm');
  if (kind === 'text=en') return KINDS.text.default('en');
  const plain = BODIES[`${table}.${column}`] ?? KINDS[kind.replace('?', '') as keyof typeof KINDS];
  return kind.endsWith('?') ? plain.nullable() : plain;
}

/** The rows of one table, each with every column and no other. */
export function rowSchema(table: ArchiveTable): z.ZodObject {
  const columns = Object.entries(ARCHIVE_TABLES[table]) as [string, ColumnKind][];
  return z.strictObject(
    Object.fromEntries(columns.map(([name, kind]) => [name, columnSchema(table, name, kind)])),
  );
}

/** Columns of a table that hold JSON. */
export function jsonColumns(table: ArchiveTable): readonly string[] {
  const columns = Object.entries(ARCHIVE_TABLES[table]) as [string, ColumnKind][];
  return columns.filter(([, kind]) => kind.startsWith('json')).map(([name]) => name);
}
