import type { LabelContent } from '../kept/label';

import type { LabelSize } from './sizes';

/** A line of a label where it stands; in mm from the label’s top left. */
export interface PlacedLine {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly mm: number;
  readonly bold: boolean;
}

/** A label laid out. */
export interface LabelLayout {
  readonly lines: readonly PlacedLine[];
  readonly qr: { readonly x: number; readonly y: number; readonly side: number };
}

/** Width of a text in mm at a size in mm. */
export type Measure = (text: string, mm: number, bold: boolean) => number;

const MARGIN = 2.5;
const NAME_MM = 4.4;
const CODE_MM = 3.8;
const LINE_MM = 2.7;
const DOES_MM = 2.5;
const LEADING = 1.28;
/** Height at which the letters have their full size; smaller labels have smaller ones. */
const FULL_HEIGHT = 40;

/** About the width of a text in the shop’s face, mm; for pages that can not measure. */
export const guessWidth: Measure = (text, mm, bold) => text.length * mm * (bold ? 0.5 : 0.46);

/** Lays a label out: name and code beside the square, what is said of it under each other, what to do at the foot. */
export function labelLayout(content: LabelContent, size: LabelSize, measure: Measure): LabelLayout {
  const unit = Math.min(1, size.height / FULL_HEIGHT);
  const side = Math.min(20, size.height * 0.46);
  const narrow = size.width - 3 * MARGIN - side;
  const wide = size.width - 2 * MARGIN;
  const qr = { x: size.width - MARGIN - side, y: MARGIN, side };
  const beneathQr = MARGIN + side + 1;
  const foot = wrapped(content.does, wide, 2, (text) => measure(text, DOES_MM * unit, true));
  const footTop = size.height - MARGIN - (foot.length - 1) * DOES_MM * unit * LEADING;
  const lines: PlacedLine[] = [];
  let y = MARGIN + NAME_MM * unit * 0.9;
  const put = (text: string, mm: number, bold: boolean) =>
    lines.push({ text, x: MARGIN, y, mm: mm * unit, bold });
  const [name = ''] = wrapped(content.name, narrow, 1, (text) =>
    measure(text, NAME_MM * unit, true),
  );
  put(name, NAME_MM, true);
  y += CODE_MM * unit * 1.15;
  put(content.code, CODE_MM, true);
  y += 0.8 * unit;
  for (const line of content.lines) {
    const width = y + LINE_MM * unit * LEADING - LINE_MM * unit > beneathQr ? wide : narrow;
    const texts = wrapped(`${line.what}: ${line.says}`, width, 2, (text) =>
      measure(text, LINE_MM * unit, false),
    );
    for (const text of texts) {
      y += LINE_MM * unit * LEADING;
      if (y > footTop - DOES_MM * unit)
        return { lines: [...lines, ...feet(foot, footTop, unit)], qr };
      put(text, LINE_MM, false);
    }
  }
  return { lines: [...lines, ...feet(foot, footTop, unit)], qr };
}

const feet = (foot: readonly string[], top: number, unit: number): PlacedLine[] =>
  foot.map((text, index) => ({
    text,
    x: MARGIN,
    y: top + index * DOES_MM * unit * LEADING,
    mm: DOES_MM * unit,
    bold: true,
  }));

/** A text broken between words into so many lines at the most; what does not fit ends in dots. */
function wrapped(
  text: string,
  width: number,
  most: number,
  widthOf: (text: string) => number,
): string[] {
  const lines: string[] = [];
  let line = '';
  const words = text.split(' ');
  for (const [index, word] of words.entries()) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer) <= width || line === '') {
      line = longer;
      continue;
    }
    if (lines.length === most - 1) {
      return [...lines, cut(`${line} ${words.slice(index).join(' ')}`, width, widthOf)];
    }
    lines.push(line);
    line = word;
  }
  return [...lines, cut(line, width, widthOf)];
}

function cut(text: string, width: number, widthOf: (text: string) => number): string {
  if (widthOf(text) <= width) return text;
  let short = text;
  while (short.length > 1 && widthOf(`${short}…`) > width) short = short.slice(0, -1);
  return `${short.trimEnd()}…`;
}
