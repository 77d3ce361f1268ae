/** A label to print. */
export interface LabelJob {
  readonly lotId: string;
  readonly size: string;
  readonly copies: number;
  /** The label as one page of PDF for each copy. */
  readonly pdf: Uint8Array;
}

/** What a printer answers: printed, or why not. */
export type PrintAnswer =
  { readonly kind: 'printed' } | { readonly kind: 'refused'; readonly because: string };

/** Anything that prints labels. */
export interface LabelPrinter {
  readonly name: string;
  readonly print: (job: LabelJob) => Promise<PrintAnswer>;
}
