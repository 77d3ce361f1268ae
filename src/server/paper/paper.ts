import type { PDFDocument, PDFPage } from '@cantoo/pdf-lib';
import { drawText, PT, widthOf, type Faces } from './pdf-face';

/** An A4 sheet, mm. */
const PAGE = { width: 210, height: 297, margin: 18 } as const;

/** A4 paper that goes on on a new page at its end. */
export class Paper {
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

/** Words in lines that fit the paper, letters of so many mm. */
export function wrapped(text: string, faces: Faces, mm: number): string[] {
  const most = (PAGE.width - 2 * PAGE.margin) * PT;
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer, faces.plain, mm * PT) > most) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
