import { tr, word } from '@/words/tr';
import { wholeNumberField, z } from '@/core/parse';
import { addPrintedLabel, listPrintedLabels, type PrintedLabel } from '@/data';
import { unitsOf, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';
import { labelOf } from './label';
import { labelPdf } from './pdf';
import { labelPrinter, printerState, type PrinterState } from './printer';
import { qrOf, type QrSquares } from '@/shop/labels/qr';
import { LABEL_SIZES, labelSize } from '@/shop/labels/sizes';

const printSchema = z.object({
  lotId: z.string().min(1).max(80),
  size: z.string().max(40),
  copies: wholeNumberField({ name: word('Labels'), unit: '', min: 1, max: 200 }),
});

/** Prints labels of a lot on the shop’s label printer; what was printed is kept. */
export async function printLabels(
  context: ShopContext,
  form: unknown,
): Promise<Outcome<{ printed: number }>> {
  const parsed = parseForm(printSchema, form);
  if (!parsed.ok) return parsed;
  const { lotId, copies } = parsed.value;
  const size = LABEL_SIZES.find((one) => one.id === parsed.value.size);
  if (size === undefined) {
    const allowed = LABEL_SIZES.map((one) => one.name).join(', ');
    return refused('size', tr`Size: “${parsed.value.size}” is not known. Allowed: ${allowed}.`);
  }
  const content = labelOf(context, lotId);
  if (content === null) return refused('lotId', tr`Lot: ${lotId} has not been made yet.`);
  const pdf = await labelPdf(content, size, copies);
  const printer = labelPrinter(context);
  const answer = await printer.print({ lotId, size: size.id, copies, pdf });
  if (answer.kind === 'refused') {
    return refused(null, tr`${printer.name}: ${answer.because}. Nothing was printed.`);
  }
  addPrintedLabel(context.db, {
    id: context.newId(),
    atMs: context.clock().nowMs,
    lotId,
    size: size.id,
    copies,
    content,
  });
  return done({ printed: copies });
}

/** What was printed, and the lots that a code can open. */
export interface LabelsView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly shopName: string;
  readonly printed: readonly (PrintedLabel & {
    readonly sizeName: string;
    readonly qr: QrSquares;
  })[];
  readonly codes: readonly string[];
  readonly printer: PrinterState;
}

/** Printed labels shown at the most. */
const SHOWN = 60;

/** The labels printed last, and every code of the shop. */
export function labelsView(context: ShopContext): LabelsView {
  const state = loadShop(context);
  const { shop } = state;
  return {
    units: unitsOf(shop),
    nowMs: state.nowMs,
    shopName: shop.name,
    printed: listPrintedLabels(context.db, SHOWN).map((label) => ({
      ...label,
      sizeName: labelSize(label.size).name,
      qr: qrOf(label.content.code),
    })),
    printer: printerState(context),
    codes: [...stockOf(context, state).keys()],
  };
}
