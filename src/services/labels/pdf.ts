import { readFileSync } from 'node:fs';
import path from 'node:path';
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type { LabelContent } from '@/data';
import { labelLayout } from './layout';
import { qrOf } from './qr';
import type { LabelSize } from './sizes';

/** Points in a millimetre. */
const PT = 72 / 25.4;
const FONTS = path.join('node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
const font = (name: string) =>
  readFileSync(
    path.join(
      /* turbopackIgnore: true */ process.cwd(),
      FONTS,
      `atkinson-hyperlegible-next-${name}-normal.woff`,
    ),
  );

/** A face in the parts it ships in: the letters of one, then of the other. */
interface Face {
  readonly parts: readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];
}

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
  doc.registerFontkit(fontkit);
  const faces = { plain: await face(doc, '400'), bold: await face(doc, '700') };
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
    drawLabel(page, { content, size, left, top, pageHeight: (sheet ?? size).height }, faces);
  }
  return doc.save();
}

async function face(doc: PDFDocument, weight: '400' | '700'): Promise<Face> {
  const parts = [];
  for (const letters of ['latin', 'latin-ext']) {
    const embedded = await doc.embedFont(font(`${letters}-${weight}`), { subset: true });
    parts.push({ font: embedded, has: new Set(embedded.getCharacterSet()) });
  }
  return { parts };
}

interface Placed {
  readonly content: LabelContent;
  readonly size: LabelSize;
  /** From the page’s top left, mm. */
  readonly left: number;
  readonly top: number;
  readonly pageHeight: number;
}

function drawLabel(page: PDFPage, placed: Placed, faces: { plain: Face; bold: Face }): void {
  const { content, size, left, top, pageHeight } = placed;
  const faceOf = (bold: boolean) => (bold ? faces.bold : faces.plain);
  const { lines, qr } = labelLayout(
    content,
    size,
    (text, mm, bold) => widthOf(text, faceOf(bold), mm * PT) / PT,
  );
  for (const line of lines) {
    drawText(page, line.text, {
      x: (left + line.x) * PT,
      y: (pageHeight - top - line.y) * PT,
      points: line.mm * PT,
      face: faceOf(line.bold),
    });
  }
  drawQr(page, content.code, {
    x: (left + qr.x) * PT,
    y: (pageHeight - top - qr.y - qr.side) * PT,
    side: qr.side * PT,
  });
}

/** The squares of the code with the quiet edge that scanners want left free by the label’s margin. */
function drawQr(page: PDFPage, code: string, at: { x: number; y: number; side: number }): void {
  const { size, dark } = qrOf(code);
  const step = at.side / size;
  dark.forEach((isDark, index) => {
    if (!isDark) return;
    page.drawRectangle({
      x: at.x + (index % size) * step,
      y: at.y + at.side - (Math.floor(index / size) + 1) * step,
      width: step * 1.02,
      height: step * 1.02,
      color: rgb(0, 0, 0),
    });
  });
}

/** Runs of letters that one part of a face has; what no part has is a question mark. */
function runsOf(text: string, { parts }: Face): { font: PDFFont; text: string }[] {
  const runs: { font: PDFFont; text: string }[] = [];
  for (const letter of text) {
    const code = letter.codePointAt(0) ?? 63;
    const part = parts.find((one) => one.has.has(code));
    const [first] = parts;
    if (first === undefined) return [];
    const drawn =
      part === undefined ? { font: first.font, text: '?' } : { font: part.font, text: letter };
    const last = runs.at(-1);
    if (last !== undefined && last.font === drawn.font) last.text += drawn.text;
    else runs.push(drawn);
  }
  return runs;
}

const widthOf = (text: string, face: Face, points: number) =>
  runsOf(text, face).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, points), 0);

function drawText(
  page: PDFPage,
  text: string,
  at: { x: number; y: number; points: number; face: Face },
): void {
  let { x } = at;
  for (const run of runsOf(text, at.face)) {
    page.drawText(run.text, { x, y: at.y, size: at.points, font: run.font });
    x += run.font.widthOfTextAtSize(run.text, at.points);
  }
}
