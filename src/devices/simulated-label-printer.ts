import type { LabelJob, LabelPrinter, PrintAnswer } from './label-printer';

/** Labels that a roll holds. */
const ROLL = 500;
/** A page of PDF begins so. */
const PDF_MARK = '%PDF-';

/** A label printer that stands in for one: it takes the same jobs and refuses what a real one would. */
export class SimulatedLabelPrinter implements LabelPrinter {
  readonly name = 'Label printer (simulated)';
  private hasRoll = true;

  /** Takes its roll out, or puts one in. */
  roll(isIn: boolean): void {
    this.hasRoll = isIn;
  }

  /** True while a roll is in. */
  isReady(): boolean {
    return this.hasRoll;
  }

  print(job: LabelJob): Promise<PrintAnswer> {
    return Promise.resolve(this.printed(job));
  }

  private printed({ pdf, copies }: LabelJob): PrintAnswer {
    if (!this.hasRoll) return { kind: 'refused', because: 'there is no roll in it' };
    if (String.fromCharCode(...pdf.subarray(0, PDF_MARK.length)) !== PDF_MARK) {
      return { kind: 'refused', because: 'the job is no page of PDF' };
    }
    return copies > ROLL
      ? { kind: 'refused', because: `the roll holds ${ROLL} labels` }
      : { kind: 'printed' };
  }
}
