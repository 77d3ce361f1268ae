/** What a command answers: done, or refused in sentences, with nothing stored. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly refusals: readonly Refusal[] };

/** One sentence about one field; `field` is null when it is about the whole. */
export interface Refusal {
  readonly field: string | null;
  readonly sentence: string;
}

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value });

export function refused(field: string | null, sentence: string): Outcome<never> {
  return { ok: false, refusals: [{ field, sentence }] };
}
