import type { LabelContent } from '@/shop/kept/label';
import { PDFDocument, rgb, type PDFPage } from '@cantoo/pdf-lib';

import { drawText, pdfFaces, PT, widthOf, type Faces } from '../paper/pdf-face';
import { labelLayout, type LabelLayout } from '@/shop/labels/layout';
import { qrOf } from '@/shop/labels/qr';
import type { LabelSize } from '@/shop/labels/sizes';

/**
 * Labels of one lot as PDF: on a roll each is a page, on a sheet they fill it from the top left.
 * @param copies how many, 1 to 200
 */
export async function labelPdf(
  content: LabelContent,
  size: LabelSize,
  copies: number,
): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(`${content.code} ${content.name}`);
  doc.setProducer('Olvik');
  const faces = await pdfFaces(doc);
  const layout = labelLayout(
    content,
    size,
    (text, mm, bold) => widthOf(text, bold ? faces.bold : faces.plain, mm * PT) / PT,
  );
  const squares = qrPath(content.code, layout.qr.side * PT);
  const { sheet } = size;
  const perPage = sheet === null ? 1 : sheet.columns * sheet.rows;
  let page: PDFPage | null = null;
  for (let i = 0; i < copies; i += 1) {
    const at = i % perPage;
    if (page === null || at === 0) {
      page = doc.addPage([(sheet ?? size).width * PT, (sheet ?? size).height * PT]);
    }
    const column = sheet === null ? 0 : at % sheet.columns;
    const row = sheet === null ? 0 : Math.floor(at / sheet.columns);
    const left = sheet === null ? 0 : sheet.left + column * (size.width + sheet.gapX);
    const top = sheet === null ? 0 : sheet.top + row * (size.height + sheet.gapY);
    drawLabel(page, { layout, squares, left, top, pageHeight: (sheet ?? size).height }, faces);
  }
  return doc.save();
}

interface Placed {
  readonly layout: LabelLayout;
  readonly squares: string;
  /** From the page’s top left, mm. */
  readonly left: number;
  readonly top: number;
  readonly pageHeight: number;
}

function drawLabel(page: PDFPage, placed: Placed, faces: Faces): void {
  const { layout, squares, left, top, pageHeight } = placed;
  for (const line of layout.lines) {
    drawText(page, line.text, {
      x: (left + line.x) * PT,
      y: (pageHeight - top - line.y) * PT,
      points: line.mm * PT,
      face: line.bold ? faces.bold : faces.plain,
    });
  }
  page.drawSvgPath(squares, {
    x: (left + layout.qr.x) * PT,
    y: (pageHeight - top - layout.qr.y) * PT,
    color: rgb(0, 0, 0),
    borderWidth: 0,
  });
}

/** The dark squares of a code as one path, in points from its top left; neighbours in a row are one. */
function qrPath(code: string, side: number): string {
  const { size, dark } = qrOf(code);
  const step = side / size;
  const parts: string[] = [];
  for (let row = 0; row < size; row += 1) {
    for (let from = 0; from < size; from += 1) {
      let to = from;
      while (to < size && dark[row * size + to] === true) to += 1;
      if (to === from) continue;
      parts.push(
        `M${from * step},${row * step}h${(to - from) * step}v${step}h${(from - to) * step}z`,
      );
      from = to;
    }
  }
  return parts.join('');
}
