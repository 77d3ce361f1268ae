import type { Outcome } from '@/shop/outcome';
import { newId } from './new-id';

/** The way to the shop: sends a command, and asks what became of one. Both throw where the shop can not be reached. */
export interface Line {
  readonly send: (name: string, args: readonly unknown[], id: string) => Promise<Outcome<unknown>>;
  /** The answer of a command that arrived; null where nothing was stored. */
  readonly arrived: (id: string) => Promise<Outcome<unknown> | null>;
  readonly wait: (ms: number) => Promise<void>;
}

/** How long after a lost answer the shop is asked what became of it, ms. */
const ASKED_AFTER_MS = [300, 1_000, 2_500] as const;

const NOT_ARRIVED = 'This did not reach Olvik: nothing was stored. Try again.';
const NOT_KNOWN =
  'Olvik does not answer, so it is not known whether this was stored. Try again when it is back: what was stored is not written twice.';

/**
 * Sends commands so that nothing is written twice: each has an id of its own; the same one sent while it is under way is the
 * same; a lost answer is asked about, and sent again under the same id.
 */
export function sender({ send, arrived, wait }: Line) {
  const underWay = new Map<string, Promise<Outcome<unknown>>>();
  /** Ids of commands of which it is not known whether they were stored, by what they say. */
  const unsure = new Map<string, string>();

  async function carry(key: string, name: string, args: readonly unknown[]) {
    const id = unsure.get(key) ?? newId();
    try {
      const outcome = await send(name, args, id);
      unsure.delete(key);
      return outcome;
    } catch {
      for (const ms of ASKED_AFTER_MS) {
        await wait(ms);
        try {
          const known = await arrived(id);
          if (known === null) unsure.set(key, id);
          else unsure.delete(key);
          return known ?? refusal(NOT_ARRIVED);
        } catch {
          // Not there yet: asked once more.
        }
      }
      unsure.set(key, id);
      return refusal(NOT_KNOWN);
    }
  }

  return (name: string, args: readonly unknown[]): Promise<Outcome<unknown>> => {
    const key = keyOf(name, args);
    const begun = underWay.get(key) ?? carry(key, name, args).finally(() => underWay.delete(key));
    underWay.set(key, begun);
    return begun;
  };
}

const refusal = (sentence: string): Outcome<never> => ({
  ok: false,
  refusals: [{ field: null, sentence }],
});

/** What a command says, without the name of the batch that each tap makes anew. */
function keyOf(name: string, args: readonly unknown[]): string {
  return JSON.stringify([name, args], (key, value: unknown) =>
    key === 'batch' ? undefined : value,
  );
}
