import { z } from '../parse';
import { NOTHING_WRITTEN, type Folded } from './fold';
import { actSchema } from './schema';

const id = z.string().min(1).max(80);
const doneSchema = z.object({
  entryId: id,
  atMs: z.number().int(),
  act: actSchema,
  by: z.string().nullable(),
  bakeId: id.nullable(),
  fulfils: id.nullable(),
  batch: id,
});
const plannedSchema = z.object({
  stepId: id,
  atMs: z.number().int(),
  act: actSchema,
  by: z.string().nullable(),
  bakeId: id.nullable(),
});
const carriedSchema = z.object({ done: z.array(doneSchema), plan: z.array(plannedSchema) });

/** What was carried over, as it is kept. */
export function carriedText({ done, plan }: Folded): string {
  return JSON.stringify({ done, plan });
}

/** What was carried over, from how it was kept; null for a text that is none. */
export function readCarried(text: string): Folded | null {
  try {
    const read = carriedSchema.safeParse(JSON.parse(text));
    return read.success ? { ...NOTHING_WRITTEN, ...read.data } : null;
  } catch {
    return null;
  }
}
