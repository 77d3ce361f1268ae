import { command } from '@/server/commands/command';
import { asOf, type ShopContext } from '@/server/context';
import type { Outcome } from '@/shop/outcome';
import { WaitingStore, type WaitingAct } from '@/ui/waiting-store';

/** Acts that wait on it. */
const ACTS = 120;
/** When it reaches the shop again; its acts are of the hour before. */
export const WAITED_UNTIL_MS = Date.UTC(2026, 0, 2, 7);

/** A device on which acts wait; the same of the same seed. */
export function waitingDevice(seed: number): WaitingStore {
  const shelf = new Map<string, string>();
  const store = new WaitingStore(() => ({
    getItem: (key) => shelf.get(key) ?? null,
    setItem: (key, text) => void shelf.set(key, text),
  }));
  for (let n = 0; n < ACTS; n += 1) {
    const id = `waited-${seed}-${n}`;
    const saidMs = WAITED_UNTIL_MS - (ACTS - n) * 30_000;
    const form = { batch: id, text: `word ${n}` };
    store.keep({ id, name: 'logNote', args: [form], saidMs });
  }
  return store;
}

/** Carries an act out that waited, as the shop does: at the hour at which it was done. */
export const sendAct = (context: ShopContext, act: WaitingAct): Promise<Outcome<unknown>> =>
  command(asOf(context, Math.max(0, WAITED_UNTIL_MS - act.saidMs)), act);
