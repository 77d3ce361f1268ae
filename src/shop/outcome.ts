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

/** Sentences of a refusal by field; the empty key is about the whole. */
export type Refused = Readonly<Record<string, string>>;

/** The sentences of a refusal by their fields; those of one field one after the other. */
export function byField(outcome: Outcome<unknown>): Refused {
  const found: Record<string, string> = {};
  for (const { field, sentence } of outcome.ok ? [] : outcome.refusals) {
    const at = field ?? '';
    found[at] = found[at] === undefined ? sentence : `${found[at]} ${sentence}`;
  }
  return found;
}

/** The sentences of a refusal as one text; nothing for what was done. */
export function sentencesOf(outcome: Outcome<unknown>): string {
  return outcome.ok ? '' : outcome.refusals.map((one) => one.sentence).join(' ');
}
