import type { LabelJob, LabelPrinter, PrintAnswer } from './label-printer';

/** A printer that has not asked for so long is away, ms. */
const AWAY_MS = 30_000;
/** It has so long to print what it fetched, ms. */
const PRINTS_IN_MS = 30_000;

interface Open {
  readonly id: string;
  readonly job: LabelJob;
  readonly answer: (answer: PrintAnswer) => void;
}

/**
 * A real label printer: what stands by it asks for the next job, prints its PDF, and says what came of it. A job that is not
 * confirmed in time is taken back and refused; asked for again, the same job comes again.
 */
export class FetchingPrinter implements LabelPrinter {
  private readonly open: Open[] = [];
  private askedMs = -Infinity;

  constructor(
    readonly name: string,
    private readonly clockMs: () => number,
    private readonly newId: () => string,
    private readonly printsInMs = PRINTS_IN_MS,
  ) {}

  /** True while it asks for work. */
  isThere(): boolean {
    return this.clockMs() - this.askedMs <= AWAY_MS;
  }

  /** The job that is its turn; null where there is none. */
  next(): { readonly id: string; readonly job: LabelJob } | null {
    this.askedMs = this.clockMs();
    return this.open[0] ?? null;
  }

  /** What came of a job; false for one that it was not given. */
  tell(id: string, answer: PrintAnswer): boolean {
    this.askedMs = this.clockMs();
    const at = this.open.findIndex((one) => one.id === id);
    if (at < 0) return false;
    const [told] = this.open.splice(at, 1);
    told?.answer(answer);
    return true;
  }

  print(job: LabelJob): Promise<PrintAnswer> {
    if (!this.isThere()) {
      return Promise.resolve({
        kind: 'refused',
        because: 'it does not ask for work; is it on, and what stands by it running',
      });
    }
    const id = this.newId();
    return new Promise((resolve) => {
      const late = setTimeout(
        () => this.tell(id, { kind: 'refused', because: 'it did not say that it has printed' }),
        this.printsInMs,
      );
      late.unref();
      this.open.push({
        id,
        job,
        answer: (answer) => {
          clearTimeout(late);
          resolve(answer);
        },
      });
    });
  }
}
