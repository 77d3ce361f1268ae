import { sentencesOf, type Outcome } from '@/shop/outcome';
import type { WaitingAct, WaitingStore } from '../waiting-store';

/** Sends an act that waited, with how long it did, ms; throws where the shop does not answer. */
export type SendLate = (act: WaitingAct, waitedMs: number) => Promise<Outcome<unknown>>;

/**
 * Sends what waits on a device in the order in which it was done, until the shop does not answer. What it would not have is kept
 * with the reason: a person decides.
 * @returns how many are stored now that were not
 */
export async function sendWaiting(
  store: WaitingStore,
  send: SendLate,
  nowMs: () => number,
): Promise<number> {
  let stored = 0;
  for (const act of store.list()) {
    if (act.refused !== null) continue;
    let outcome: Outcome<unknown>;
    try {
      outcome = await send(act, Math.max(0, nowMs() - act.saidMs));
    } catch {
      return stored;
    }
    if (outcome.ok) {
      store.drop(act.id);
      stored += 1;
    } else {
      store.refuse(act.id, sentencesOf(outcome));
    }
  }
  return stored;
}
