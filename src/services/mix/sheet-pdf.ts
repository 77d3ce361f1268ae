import { PDFDocument, type PDFPage } from 'pdf-lib';
import { drawText, pdfFaces, PT, widthOf, type Faces } from '../pdf-face';
import type { MixSheet } from './sheet-content';

/** An A4 sheet, mm. */
const PAGE = { width: 210, height: 297, margin: 18 } as const;
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
    for (const words of wrapped(note, faces)) {
      paper.text(words, { mm: SIZES.small });
      paper.down(5.4);
    }
    paper.down(1.5);
  }
  return doc.save();
}

/** Paper that goes on on a new page at its end. */
class Paper {
  private page: PDFPage;
  private y: number = PAGE.margin;

  constructor(
    private readonly doc: PDFDocument,
    private readonly faces: Faces,
  ) {
    this.page = this.fresh();
  }

  private fresh(): PDFPage {
    return this.doc.addPage([PAGE.width * PT, PAGE.height * PT]);
  }

  down(mm: number): void {
    this.y += mm;
    if (this.y <= PAGE.height - PAGE.margin) return;
    this.page = this.fresh();
    this.y = PAGE.margin;
  }

  box(): void {
    this.page.drawRectangle({
      x: PAGE.margin * PT,
      y: (PAGE.height - this.y - 1) * PT,
      width: 6 * PT,
      height: 6 * PT,
      borderWidth: 1.2,
    });
  }

  text(
    text: string,
    at: {
      readonly x?: number;
      readonly mm: number;
      readonly bold?: boolean;
      readonly right?: boolean;
    },
  ): void {
    const face = at.bold === true ? this.faces.bold : this.faces.plain;
    const points = at.mm * PT;
    const x = (PAGE.margin + (at.x ?? 0)) * PT;
    drawText(this.page, text, {
      x: at.right === true ? x - widthOf(text, face, points) : x,
      y: (PAGE.height - this.y) * PT,
      points,
      face,
    });
  }
}

/** Words in lines that fit the paper. */
function wrapped(text: string, faces: Faces): string[] {
  const most = (PAGE.width - 2 * PAGE.margin) * PT;
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer, faces.plain, SIZES.small * PT) > most) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
