import { PDFDocument } from '@cantoo/pdf-lib';
import { Paper, wrapped } from '../paper/paper';
import { pdfFaces } from '../paper/pdf-face';
import type { MixSheet } from '@/shop/mix/sheet-content';

const SIZES = { title: 9, line: 5.2, small: 3.7 } as const;
const ROW = 11;

/** A mix on paper, as PDF: a box to tick before each line, large enough for arm’s length. */
export async function mixSheetPdf(sheet: MixSheet): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(sheet.title);
  doc.setProducer('Olvik');
  const faces = await pdfFaces(doc);
  const paper = new Paper(doc, faces);
  paper.text(sheet.title, { mm: SIZES.title, bold: true });
  paper.down(9);
  paper.text(sheet.under, { mm: SIZES.small });
  paper.down(10);
  for (const line of sheet.lines) {
    paper.box();
    paper.text(line.name, { x: 12, mm: SIZES.line, bold: true });
    paper.text(line.share, { x: 98, mm: SIZES.small, right: true });
    paper.text(line.amount, { x: 132, mm: SIZES.line, bold: true, right: true });
    paper.text(line.says, { x: 137, mm: SIZES.small });
    paper.down(ROW);
  }
  paper.down(3);
  for (const note of sheet.notes) {
    for (const words of wrapped(note, faces, SIZES.small)) {
      paper.text(words, { mm: SIZES.small });
      paper.down(5.4);
    }
    paper.down(1.5);
  }
  return doc.save();
}
