import { readFileSync } from 'node:fs';
import path from 'node:path';
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type { LabelContent } from '@/data';
import { labelLayout, type LabelLayout } from './layout';
import { qrOf } from './qr';
import type { LabelSize } from './sizes';

/** Points in a millimetre. */
const PT = 72 / 25.4;
const FONTS = path.join('node_modules', '@fontsource', 'atkinson-hyperlegible-next', 'files');
const PARTS = ['latin', 'latin-ext'] as const;
const bytes = new Map<string, Buffer>();

/** A part of the face as it ships; read once. */
function fontBytes(part: string, weight: string): Buffer {
  const name = `atkinson-hyperlegible-next-${part}-${weight}-normal.woff`;
  const known =
    bytes.get(name) ??
    readFileSync(path.join(/* turbopackIgnore: true */ process.cwd(), FONTS, name));
  bytes.set(name, known);
  return known;
}

/** A face in the parts it ships in: the letters of one, then of the other. */
interface Face {
  readonly parts: readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];
  /** Widths of letters at one point, as they were asked for. */
  readonly widths: Map<string, number>;
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

async function face(doc: PDFDocument, weight: '400' | '700'): Promise<Face> {
  const parts = [];
  for (const letters of PARTS) {
    const embedded = await doc.embedFont(fontBytes(letters, weight), { subset: true });
    parts.push({ font: embedded, has: new Set(embedded.getCharacterSet()) });
  }
  return { parts, widths: new Map() };
}

interface Placed {
  readonly layout: LabelLayout;
  readonly squares: string;
  /** From the page’s top left, mm. */
  readonly left: number;
  readonly top: number;
  readonly pageHeight: number;
}

function drawLabel(page: PDFPage, placed: Placed, faces: { plain: Face; bold: Face }): void {
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

/** Width of a text, letter by letter: a hair wider than set, where letters move together. */
function widthOf(text: string, face: Face, points: number): number {
  let width = 0;
  for (const letter of text) {
    let one = face.widths.get(letter);
    if (one === undefined) {
      one = runsOf(letter, face).reduce(
        (sum, run) => sum + run.font.widthOfTextAtSize(run.text, 1),
        0,
      );
      face.widths.set(letter, one);
    }
    width += one;
  }
  return width * points;
}

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
