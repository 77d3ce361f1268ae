import { language } from '@/words/speaker';
import { tr } from '@/words/tr';
import type { ComputeMessage } from './compute.worker';
import type { JobWord } from './job-queue';
import type { JobKind } from './job-kinds';

/** The page’s worker: one for all that it computes, made with the first question and kept while the page is open. */
let worker: Worker | null = null;
let lastId = 0;
const hearers = new Map<number, (word: JobWord) => void>();

function theWorker(): Worker {
  if (worker !== null) return worker;
  const made = new Worker(new URL('./compute.worker.ts', import.meta.url), { type: 'module' });
  let spoke = false;
  made.addEventListener('message', ({ data }: MessageEvent<JobWord>) => {
    spoke = true;
    hearers.get(data.id)?.(data);
    if (data.kind !== 'progress') hearers.delete(data.id);
  });
  // One that never came up (its file could not be had) is not waited for: the next question makes another.
  made.addEventListener('error', () => {
    if (spoke) return;
    if (worker === made) worker = null;
    const sentence = tr`This could not be worked out: load the page again. Nothing was stored.`;
    for (const [id, hear] of hearers) hear({ id, kind: 'refused', sentence });
    hearers.clear();
  });
  worker = made;
  return made;
}

/**
 * Asks the page’s worker. Numbers grow: a later question has a higher one.
 * @param hear what is said of the question, until its answer or until it is cancelled
 */
export function askComputer(kind: JobKind, asks: unknown, hear: (word: JobWord) => void): number {
  lastId += 1;
  hearers.set(lastId, hear);
  theWorker().postMessage({
    id: lastId,
    kind,
    asks,
    language: language(),
  } satisfies ComputeMessage);
  return lastId;
}

/** Drops a question: nothing more is heard of it. */
export function cancelComputing(id: number): void {
  if (!hearers.delete(id)) return;
  worker?.postMessage({ cancel: id } satisfies ComputeMessage);
}
