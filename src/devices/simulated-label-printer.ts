import type { LabelJob, LabelPrinter, PrintAnswer } from './label-printer';

/** Labels that a roll holds. */
const ROLL = 500;
/** A page of PDF begins so. */
const PDF_MARK = '%PDF-';

/**
 * A label printer that stands in for one: it takes the same jobs, refuses what a real one would, and hands each
 * printed job to whoever keeps it.
 * @param keep told of every job that was printed
 */
export function simulatedLabelPrinter(keep: (job: LabelJob) => void): LabelPrinter {
  return {
    name: 'Label printer (simulated)',
    print: (job) => Promise.resolve(printed(job, keep)),
  };
}

function printed(job: LabelJob, keep: (job: LabelJob) => void): PrintAnswer {
  if (String.fromCharCode(...job.pdf.subarray(0, PDF_MARK.length)) !== PDF_MARK) {
    return { kind: 'refused', because: 'the job is no page of PDF' };
  }
  if (job.copies > ROLL) {
    return { kind: 'refused', because: `the roll holds ${ROLL} labels` };
  }
  keep(job);
  return { kind: 'printed' };
}
