import { tr } from '@/words/tr';
import { randomUUID } from 'node:crypto';
import { z } from '@/core/parse';
import { FetchingPrinter } from '@/devices/fetching-printer';
import type { LabelPrinter } from '@/devices/label-printer';
import { SimulatedLabelPrinter } from '@/devices/simulated-label-printer';
import type { ShopContext } from '../context';
import { hasKeys } from '../ways-in/by-key';
import { jsonOf } from '@/shop/json-of';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

const holder = globalThis as {
  olvikPrinter?: { simulated: SimulatedLabelPrinter; fetching: FetchingPrinter };
};

const printers = () =>
  (holder.olvikPrinter ??= {
    simulated: new SimulatedLabelPrinter(),
    fetching: new FetchingPrinter(tr`Label printer`, Date.now, randomUUID),
  });

/** The printer that asks for its jobs with a key. */
export const fetchingPrinter = (): FetchingPrinter => printers().fetching;

/** The shop’s label printer: one of its own once it was given a key, the simulated one that ships until then. */
export function labelPrinter(context: ShopContext): LabelPrinter {
  return hasKeys(context, 'labels') ? printers().fetching : printers().simulated;
}

/** How the label printer stands. */
export interface PrinterState {
  readonly name: string;
  readonly simulated: boolean;
  /** False without a roll, or while it does not ask for work. */
  readonly ready: boolean;
}

/** How the shop’s label printer stands now. */
export function printerState(context: ShopContext): PrinterState {
  const { simulated, fetching } = printers();
  return labelPrinter(context) === fetching
    ? { name: fetching.name, simulated: false, ready: fetching.isThere() }
    : { name: simulated.name, simulated: true, ready: simulated.isReady() };
}

const told = z.object({
  job: z.string().min(1).max(80),
  printed: z.boolean(),
  because: z.string().trim().max(200).optional(),
});

/** What the printer says of a job that it fetched. */
export function toldOfJob(text: string): Outcome<{ job: string }> {
  const parsed = told.safeParse(jsonOf(text));
  if (!parsed.success) {
    return refused(
      null,
      tr`Job: it can not be read. Allowed: {"job":"…","printed":true}, or false with “because”.`,
    );
  }
  const { job, printed, because = tr`it could not be printed` } = parsed.data;
  const answer = printed ? ({ kind: 'printed' } as const) : ({ kind: 'refused', because } as const);
  return fetchingPrinter().tell(job, answer)
    ? done({ job })
    : refused('job', tr`Job: “${job}” is not waiting for this printer.`);
}

const handling = z.object({ roll: z.boolean() });

/** Takes the roll out of the simulated printer, or puts one in. */
export function handlePrinter(form: unknown): Outcome<{ roll: boolean }> {
  const parsed = parseForm(handling, form);
  if (!parsed.ok) return parsed;
  printers().simulated.roll(parsed.value.roll);
  return done({ roll: parsed.value.roll });
}
