import { Worker } from 'node:worker_threads';
import type { Odds } from '@/core/planner/week';
import type { HoldFacts } from '@/shop/hold/facts';

/** What goes to the thread, and what comes back. */
export interface AskedOfThread {
  readonly id: number;
  readonly question: HoldFacts;
}
export interface AnsweredByThread {
  readonly id: number;
  readonly odds: Odds | null;
  /** What went wrong that nobody foresaw, for the log. */
  readonly fault?: string;
}

interface Waiting {
  readonly done: (odds: Odds | null) => void;
  readonly failed: (error: Error) => void;
}
interface Thread {
  readonly worker: Worker;
  readonly waiting: Map<number, Waiting>;
}
const holder = globalThis as { olvikThread?: Thread | null; olvikAsked?: number };

/**
 * Has the odds of a service worked out in a thread of the server’s own, so that every page is answered meanwhile. The thread
 * is begun with the first question, kept, and begun anew after one that ended it: what waited then is refused.
 */
export function askThread(question: HoldFacts): Promise<Odds | null> {
  const thread = (holder.olvikThread ??= begun());
  const id = (holder.olvikAsked ?? 0) + 1;
  holder.olvikAsked = id;
  return new Promise((done, failed) => {
    thread.waiting.set(id, { done, failed });
    thread.worker.postMessage({ id, question } satisfies AskedOfThread);
  });
}

function begun(): Thread {
  const worker = new Worker(new URL('./odds.worker.ts', import.meta.url));
  const thread: Thread = { worker, waiting: new Map() };
  const end = (error: Error) => {
    if (holder.olvikThread === thread) holder.olvikThread = null;
    const waiting = [...thread.waiting.values()];
    thread.waiting.clear();
    for (const { failed } of waiting) failed(error);
  };
  worker.on('message', ({ id, odds, fault }: AnsweredByThread) => {
    const one = thread.waiting.get(id);
    thread.waiting.delete(id);
    if (fault === undefined) one?.done(odds);
    else one?.failed(new Error(fault));
  });
  worker.on('error', end);
  worker.on('exit', (code) => end(new Error(`The thread ended with ${code}.`)));
  worker.unref();
  return thread;
}
