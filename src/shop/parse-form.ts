import { DomainError } from '@/core/units';
import type { z } from '@/core/parse';
import { done, refused, type Outcome } from './outcome';

/** Checks a form: every field that is wrong gets its sentence. */
export function parseForm<S extends z.ZodType>(schema: S, form: unknown): Outcome<z.output<S>> {
  const parsed = schema.safeParse(form);
  if (parsed.success) return done(parsed.data);
  return {
    ok: false,
    refusals: parsed.error.issues.map((issue) => ({
      field: issue.path.length > 0 ? issue.path.join('.') : null,
      sentence: issue.message,
    })),
  };
}

/** Runs what may break a contract of the core and turns that into a refusal. */
export function refusing<T>(run: () => Outcome<T>): Outcome<T> {
  try {
    return run();
  } catch (error) {
    if (error instanceof DomainError) return refused(null, error.message);
    throw error;
  }
}
