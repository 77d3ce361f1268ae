import { tr } from '@/words/tr';
import { DomainError } from '@/core/units';
import { learn } from '@/words/learn';
import type { Language } from '@/words/speaker';
import { JobQueue, type Steps } from './job-queue';
import { JOBS } from './jobs';
import type { JobKind } from './job-kinds';

/** A message to the worker: a question, or the number of one that is not wanted any more. */
export type ComputeMessage =
  | {
      readonly id: number;
      readonly kind: JobKind;
      readonly asks: unknown;
      readonly language: Language;
    }
  | { readonly cancel: number };

const channel = new MessageChannel();
const breaths: (() => void)[] = [];
channel.port1.onmessage = () => breaths.shift()?.();

const queue = new JobQueue({
  say: (word) => self.postMessage(word),
  breathe: () =>
    new Promise((resolve) => {
      breaths.push(resolve);
      channel.port2.postMessage(null);
    }),
  refusal: (error) => {
    if (error instanceof DomainError) return error.message;
    reportError(error);
    return tr`This could not be worked out. Nothing was stored.`;
  },
});

/** Questions that wait for the catalogue of their language. */
const waiting = new Set<number>();

self.addEventListener('message', ({ data }: MessageEvent<ComputeMessage>) => {
  if ('cancel' in data) {
    waiting.delete(data.cancel);
    queue.cancel(data.cancel);
    return;
  }
  const steps = JOBS[data.kind] as (asks: unknown) => Steps<unknown>;
  const push = () => queue.push({ id: data.id, steps: () => steps(data.asks) });
  const learning = learn(data.language);
  if (learning === null) {
    push();
    return;
  }
  waiting.add(data.id);
  // A catalogue that can not be had is no reason to answer nothing: then it is said in English.
  void learning.catch(reportError).then(() => {
    if (waiting.delete(data.id)) push();
  });
});
