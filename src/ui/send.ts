import { tr } from '@/words/tr';
import { done, type Outcome } from '@/shop/outcome';
import { newId } from './new-id';
import { batchIn, type WaitingStore } from './waiting-store';

/** The way to the shop: sends a command, and asks what became of one. Both throw where the shop can not be reached. */
export interface Line {
  readonly send: (name: string, args: readonly unknown[], id: string) => Promise<Outcome<unknown>>;
  /** The answer of a command that arrived; null where nothing was stored. */
  readonly arrived: (id: string) => Promise<Outcome<unknown> | null>;
  readonly wait: (ms: number) => Promise<void>;
}

/** How long after a lost answer the shop is asked what became of it, ms. */
const ASKED_AFTER_MS = [300, 1_000, 2_500] as const;

const notArrived = () => tr`This did not reach Olvik: nothing was stored. Try again.`;
const notKnown = () =>
  tr`Olvik does not answer, so it is not known whether this was stored. Try again when it is back: what was stored is not written twice.`;

/**
 * Sends commands so that nothing is written twice: each has an id of its own; the same one sent while it is under way is the
 * same; a lost answer is asked about, and sent again under the same id.
 * @param waiting keeps acts of the hands for which the shop does not answer; left out: they are told to be unknown
 */
export function sender({ send, arrived, wait }: Line, waiting?: WaitingStore) {
  const underWay = new Map<string, Promise<Outcome<unknown>>>();
  /** Ids of commands of which it is not known whether they were stored, by what they say. */
  const unsure = new Map<string, string>();

  /** Keeps an act on this device until the shop answers; null where it can not wait. */
  function kept(name: string, args: readonly unknown[], id: string): Outcome<unknown> | null {
    // The picture does not know of it yet: the same tapped again is the same act.
    const key = keyOf(name, args);
    const same = waiting?.list().find((one) => keyOf(one.name, one.args) === key);
    if (same !== undefined) return done({ batch: batchIn(same.args) });
    const act = { id, name, args, saidMs: Date.now() };
    return waiting?.keep(act) === true ? done({ batch: batchIn(args) }) : null;
  }

  /** What needs no way to the shop: an act that still waits taken back, or one that has to wait behind it. */
  function here(name: string, args: readonly unknown[]): Outcome<unknown> | null {
    if (name === 'undo' && waiting?.takeBack(args[0]) === true) return done({ batch: args[0] });
    return waiting?.mustFollow(name) === true ? kept(name, args, newId()) : null;
  }

  async function carry(key: string, name: string, args: readonly unknown[]) {
    const id = unsure.get(key) ?? newId();
    try {
      const outcome = await send(name, args, id);
      unsure.delete(key);
      return outcome;
    } catch {
      const known = await askedAbout(id);
      // What arrived, or waits on this device, needs no second try by hand.
      const told = known === 'not known' ? kept(name, args, id) : known;
      if (told === null) unsure.set(key, id);
      else unsure.delete(key);
      return told ?? refusal(known === 'not known' ? notKnown() : notArrived());
    }
  }

  /** What became of a command: its answer, null where it did not arrive, or that nobody answers. */
  async function askedAbout(id: string): Promise<Outcome<unknown> | null | 'not known'> {
    for (const ms of ASKED_AFTER_MS) {
      await wait(ms);
      try {
        return await arrived(id);
      } catch {
        // Not there yet: asked once more.
      }
    }
    return 'not known';
  }

  return (name: string, args: readonly unknown[]): Promise<Outcome<unknown>> => {
    const key = keyOf(name, args);
    const before = here(name, args);
    if (before !== null) return Promise.resolve(before);
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
