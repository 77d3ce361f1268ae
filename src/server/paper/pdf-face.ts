import { readFileSync } from 'node:fs';
import path from 'node:path';
import fontkit from '@cantoo/fontkit';
import type { PDFDocument, PDFFont, PDFPage } from '@cantoo/pdf-lib';

/** Points in a millimetre. */
export const PT = 72 / 25.4;
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
export interface Face {
  readonly parts: readonly { readonly font: PDFFont; readonly has: ReadonlySet<number> }[];
  /** Widths of letters at one point, as they were asked for. */
  readonly widths: Map<string, number>;
}

/** The two weights that paper needs. */
export interface Faces {
  readonly plain: Face;
  readonly bold: Face;
}

/** The faces that ship with Olvik, put into a document. */
export async function pdfFaces(doc: PDFDocument): Promise<Faces> {
  doc.registerFontkit(fontkit);
  return { plain: await face(doc, '400'), bold: await face(doc, '700') };
}

async function face(doc: PDFDocument, weight: '400' | '700'): Promise<Face> {
  const parts = [];
  for (const letters of PARTS) {
    const embedded = await doc.embedFont(fontBytes(letters, weight), { subset: true });
    parts.push({ font: embedded, has: new Set(embedded.getCharacterSet()) });
  }
  return { parts, widths: new Map() };
}

/** Runs of letters that one part of a face has; of what no part has a space is a plain one, all else a question mark. */
function runsOf(text: string, { parts }: Face): { font: PDFFont; text: string }[] {
  const runs: { font: PDFFont; text: string }[] = [];
  for (const letter of text) {
    const code = letter.codePointAt(0) ?? 63;
    const part = parts.find((one) => one.has.has(code));
    const [first] = parts;
    if (first === undefined) return [];
    const drawn =
      part === undefined
        ? { font: first.font, text: /\s/.test(letter) ? ' ' : '?' }
        : { font: part.font, text: letter };
    const last = runs.at(-1);
    if (last !== undefined && last.font === drawn.font) last.text += drawn.text;
    else runs.push(drawn);
  }
  return runs;
}

/** Width of a text, letter by letter: a hair wider than set, where letters move together. */
export function widthOf(text: string, face: Face, points: number): number {
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

/** A text on a page, each letter from the part of the face that has it. */
export function drawText(
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
