/** Work in steps: each step yields the share done, with what is known so far where there is something; the last returns the answer. */
export type Steps<T> = Generator<number | { readonly share: number; readonly answer: T }, T>;

/** A question put to the queue. */
export interface Job {
  readonly id: number;
  readonly steps: () => Steps<unknown>;
}

/** What the queue says of a job. */
export type JobWord =
  | {
      readonly id: number;
      readonly kind: 'progress';
      readonly share: number;
      readonly soFar?: unknown;
    }
  | { readonly id: number; readonly kind: 'answer'; readonly value: unknown }
  | { readonly id: number; readonly kind: 'refused'; readonly sentence: string };

/** How the queue speaks and breathes. */
export interface QueueOptions {
  readonly say: (word: JobWord) => void;
  /** Lets messages in between two steps. */
  readonly breathe: () => Promise<void>;
  /** The sentence that the baker sees of an error; one that is a fault is reported there, too. */
  readonly refusal: (error: unknown) => string;
}

/** A queue of jobs, one at a time, in order; one that waits or runs can be cancelled at any step. */
export class JobQueue {
  private readonly waiting: Job[] = [];
  private current: number | null = null;
  private readonly cancelled = new Set<number>();

  constructor(private readonly options: QueueOptions) {}

  /** Puts a job at the end of the queue. */
  push(job: Job): void {
    this.waiting.push(job);
    if (this.current === null) void this.work();
  }

  /** Drops a job: nothing more is said of it. */
  cancel(id: number): void {
    const at = this.waiting.findIndex((job) => job.id === id);
    if (at >= 0) this.waiting.splice(at, 1);
    else if (this.current === id) this.cancelled.add(id);
  }

  private async work(): Promise<void> {
    for (let job = this.waiting.shift(); job !== undefined; job = this.waiting.shift()) {
      this.current = job.id;
      await this.finish(job);
      this.cancelled.delete(job.id);
      this.current = null;
      await this.options.breathe();
    }
  }

  private async finish(job: Job): Promise<void> {
    const { say, breathe, refusal } = this.options;
    try {
      const steps = job.steps();
      for (;;) {
        const step = steps.next();
        if (this.cancelled.has(job.id)) return;
        if (step.done === true) return say({ id: job.id, kind: 'answer', value: step.value });
        say({ id: job.id, kind: 'progress', ...wordOf(step.value) });
        await breathe();
        if (this.cancelled.has(job.id)) return;
      }
    } catch (error) {
      say({ id: job.id, kind: 'refused', sentence: refusal(error) });
    }
  }
}

function wordOf(step: number | { readonly share: number; readonly answer: unknown }) {
  return typeof step === 'number' ? { share: step } : { share: step.share, soFar: step.answer };
}
