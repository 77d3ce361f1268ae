import { done, sentencesOf, type Outcome } from '@/shop/outcome';

/** What came of several of one kind: what each of them answered, and why not the next of them; empty where all were. */
export interface InTurn<T> {
  readonly all: readonly T[];
  readonly why: string;
}

/** Does one after the other, the first to be refused being the last; refused where not even the first was done. */
export async function inTurn<One, T>(
  ones: readonly One[],
  act: (one: One) => Promise<Outcome<T>>,
): Promise<Outcome<InTurn<T>>> {
  const all: T[] = [];
  for (const one of ones) {
    const outcome = await act(one);
    if (!outcome.ok) return all.length === 0 ? outcome : done({ all, why: sentencesOf(outcome) });
    all.push(outcome.value);
  }
  return done({ all, why: '' });
}

/** Takes them back, the last first. */
export const backInTurn =
  <One>(ones: readonly One[], undo: (one: One) => Promise<Outcome<unknown>>) =>
  async (): Promise<Outcome<unknown>> => {
    for (const one of [...ones].reverse()) {
      const outcome = await undo(one);
      if (!outcome.ok) return outcome;
    }
    return done(null);
  };
