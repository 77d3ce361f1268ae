import { tr } from '@/words/tr';
import { PDFDocument } from '@cantoo/pdf-lib';
import { toLocalText } from '@/core/units';
import type { ExportTable } from '../paper/table';
import { Paper, wrapped } from '../paper/paper';
import { pdfFaces } from '../paper/pdf-face';
import type { DayLot, DaySale, DayTraceView } from './day-trace';

const MM = { title: 7, head: 5, line: 3.6 } as const;

/** The trace of a day on paper, as PDF. */
export async function dayTracePdf(view: DayTraceView): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(tr`${view.shopName}: trace of ${view.day}`);
  doc.setProducer('Olvik');
  const faces = await pdfFaces(doc);
  const paper = new Paper(doc, faces);
  const at = (atMs: number) => toLocalText(atMs, view.units.timeZone).replace('T', ' ');
  const line = (text: string) => {
    for (const words of wrapped(text, faces, MM.line)) {
      paper.text(words, { mm: MM.line });
      paper.down(5);
    }
  };
  const part = (head: string, lines: readonly string[]) => {
    paper.down(3);
    paper.text(head, { mm: MM.head, bold: true });
    paper.down(7);
    for (const text of lines.length === 0 ? [tr`Nothing.`] : lines) line(text);
  };
  paper.text(tr`${view.shopName}: trace of ${view.day}`, { mm: MM.title, bold: true });
  paper.down(8);
  line(tr`As of ${at(view.nowMs)}. ${view.codesFirst}`);
  const sale = (one: DaySale) =>
    tr`${at(one.atMs)}   ${one.name}: ${one.balls} baked, of ${one.lotIds.join(' ')}`;
  const lot = (one: DayLot) => `${at(one.madeMs)}   ${lotWords(one)}`;
  part(tr`Sold on that day`, view.sold.map(sale));
  part(tr`Back to the flour`, view.back.map(lot));
  if (view.older.length > 0) line(tr`Older lots in the line: ${view.older.join(' ')}`);
  part(tr`Made on that day, and what came of it`, view.on.map(lot));
  part(tr`Where that was sold`, view.soldLater.map(sale));
  return doc.save();
}

/** A lot of a trace in a line: what it is, what went in, from and into what. */
export function lotWords({ lotId, name, weighed, from, into }: DayLot): string {
  const grams = weighed.map(
    (one) =>
      `${one.name} ${Number(one.massG.toFixed(1))} g${one.sack === null ? '' : tr` (sack ${one.sack})`}`,
  );
  return [
    `${lotId} ${name}`,
    ...(grams.length === 0 ? [] : [grams.join(', ')]),
    ...(from.length === 0 ? [] : [tr`from ${from.join(' ')}`]),
    ...(into.length === 0 ? [] : [tr`into ${into.join(' ')}`]),
  ].join('; ');
}

const iso = (atMs: number) => new Date(atMs).toISOString();

/** The trace of a day as a table: a row for each service, lot and weight. Instants are UTC, weights grams. */
export function dayTraceTable(view: DayTraceView): ExportTable {
  const lots = (way: string, all: readonly DayLot[]) =>
    all.flatMap((lot) => [
      [way, lot.kind, lot.lotId, lot.name, iso(lot.madeMs), null, null, lot.from.join(' ')],
      ...lot.weighed.map((one) => [
        way,
        tr`weighed`,
        lot.lotId,
        one.name,
        iso(lot.madeMs),
        Number(one.massG.toFixed(1)),
        one.sack,
        null,
      ]),
    ]);
  const sales = (way: string, all: readonly DaySale[]) =>
    all.map((one) => [
      way,
      tr`service`,
      one.bakeId,
      one.name,
      iso(one.atMs),
      one.balls,
      null,
      one.lotIds.join(' '),
    ]);
  return {
    head: ['way', 'what', 'code', 'name', 'at', tr`grams or pizzas`, 'sack', 'from'],
    rows: [
      ...sales('back', view.sold),
      ...lots('back', view.back),
      ...lots('on', view.on),
      ...sales('on', view.soldLater),
    ],
  };
}
