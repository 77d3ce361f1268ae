import { tr } from '@/words/tr';
import { PDFDocument } from '@cantoo/pdf-lib';
import { toLocalText } from '@/core/units';
import { Paper, wrapped } from '../paper/paper';
import { pdfFaces, type Faces } from '../paper/pdf-face';
import type { Sheets } from './sheets';

const MM = { title: 7, head: 5, line: 3.6 } as const;

/** The sheets on paper, as PDF. */
export async function sheetsPdf(sheets: Sheets): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(tr`${sheets.shopName}: cold stores, traces, allergens`);
  doc.setProducer('Olvik');
  const faces = await pdfFaces(doc);
  const paper = new Paper(doc, faces);
  const { timeZone } = sheets.units;
  const at = (atMs: number) => toLocalText(atMs, timeZone).replace('T', ' ');
  const line = (text: string, bold = false) => {
    for (const words of wrapped(text, faces, MM.line)) {
      paper.text(words, { mm: MM.line, bold });
      paper.down(5);
    }
  };
  title(paper, faces, sheets, at(sheets.nowMs));
  for (const store of sheets.cold) {
    heading(paper, tr`Cold store: ${store.name}, at most ${store.limitC}°`);
    for (const day of store.days) {
      const range =
        day.leastC === null || day.mostC === null
          ? tr`no reading`
          : tr`${day.leastC.toFixed(1)}° to ${day.mostC.toFixed(1)}°, ${day.readings} readings`;
      line(`${at(day.fromMs).slice(0, 10)}   ${range}`);
    }
    for (const gap of store.gaps)
      line(tr`Gap: no reading from ${at(gap.fromMs)} to ${at(gap.toMs)}`, true);
    for (const one of store.excursions) {
      line(
        tr`Too warm: ${at(one.fromMs)} to ${at(one.toMs)}, up to ${one.mostC.toFixed(1)}°`,
        true,
      );
    }
    paper.down(3);
  }
  for (const trace of sheets.traces) {
    heading(paper, tr`Trace: ${trace.flourName}, sack ${trace.sack.code}`);
    line(
      tr`Open from ${at(trace.sack.fromMs)}${trace.untilMs === null ? '' : tr` to ${at(trace.untilMs)}`}`,
    );
    for (const bake of trace.bakes) line(tr`${at(bake.atMs)}   ${bake.name}: ${bake.balls} baked`);
    line(tr`Lots: ${trace.lots.map((lot) => lot.lotId).join(' ')}`);
    paper.down(3);
  }
  heading(paper, tr`Allergens`);
  for (const row of sheets.allergens) {
    line(
      `${at(row.madeMs)}   ${row.name} (${row.lotId}): ${row.allergens.join(', ') || tr`none noted`}`,
    );
  }
  return doc.save();
}

function heading(paper: Paper, text: string): void {
  paper.down(3);
  paper.text(text, { mm: MM.head, bold: true });
  paper.down(7);
}

function title(paper: Paper, faces: Faces, sheets: Sheets, when: string): void {
  paper.text(sheets.shopName, { mm: MM.title, bold: true });
  paper.down(8);
  for (const words of wrapped(tr`As of ${when}. ${sheets.codesFirst}`, faces, MM.line)) {
    paper.text(words, { mm: MM.line });
    paper.down(5);
  }
}
