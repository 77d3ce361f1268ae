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

interface Running extends Job {
  /** Begun with its first step. */
  under: Steps<unknown> | null;
}

/**
 * Jobs that take turns, a step each: a short one is answered while a long one goes on. One that waits or runs can be
 * cancelled at any step.
 */
export class JobQueue {
  private jobs: Running[] = [];
  private working = false;

  constructor(private readonly options: QueueOptions) {}

  /** Puts a job among those that take turns; the next turn is its own. */
  push(job: Job): void {
    this.jobs.unshift({ ...job, under: null });
    if (!this.working) void this.work();
  }

  /** Drops a job: nothing more is said of it. */
  cancel(id: number): void {
    this.jobs = this.jobs.filter((job) => job.id !== id);
  }

  private async work(): Promise<void> {
    this.working = true;
    for (let job = this.jobs.shift(); job !== undefined; job = this.jobs.shift()) {
      // The last in the line until its next turn; cancelled meanwhile, it is not there any more.
      this.jobs.push(job);
      if (!this.step(job)) this.cancel(job.id);
      await this.options.breathe();
    }
    this.working = false;
  }

  /** One step of a job; false where it was its last. */
  private step(job: Running): boolean {
    const { say, refusal } = this.options;
    try {
      job.under ??= job.steps();
      const step = job.under.next();
      if (step.done === true) say({ id: job.id, kind: 'answer', value: step.value });
      else say({ id: job.id, kind: 'progress', ...wordOf(step.value) });
      return step.done !== true;
    } catch (error) {
      say({ id: job.id, kind: 'refused', sentence: refusal(error) });
      return false;
    }
  }
}

function wordOf(step: number | { readonly share: number; readonly answer: unknown }) {
  return typeof step === 'number' ? { share: step } : { share: step.share, soFar: step.answer };
}
