import { DomainError } from '@/core/units';
import { JobQueue, type Steps } from './job-queue';
import { JOBS, type JobKind } from './jobs';

/** A message to the worker: a question, or the number of one that is not wanted any more. */
export type ComputeMessage =
  | { readonly id: number; readonly kind: JobKind; readonly asks: unknown }
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
    return 'This could not be worked out. Nothing was stored.';
  },
});

self.addEventListener('message', ({ data }: MessageEvent<ComputeMessage>) => {
  if ('cancel' in data) {
    queue.cancel(data.cancel);
    return;
  }
  const steps = JOBS[data.kind] as (asks: unknown) => Steps<unknown>;
  queue.push({ id: data.id, steps: () => steps(data.asks) });
});
