import type { LeavenKind } from '../dough';
import { headOf } from './heads';
import type { RecipeLine } from './recipe-line';

/** A part of a recipe while its lines are still being read. */
export interface OpenPart {
  readonly head: LeavenKind | 'pre-ferment';
  readonly name: string;
  readonly lines: number[];
  readonly fromLine: number;
  toLine: number;
}

/** True where a bare “poolish” among the lines of the dough is the one above, and heads no second one. */
const isAgain = (part: OpenPart, head: OpenPart['head']) =>
  part.lines.length > 0 && part.head === head;

/** What a part is called by its heading: “For the levain (the night before):” is “levain”. */
function nameOf(raw: string): string {
  const bare = raw.replace(/[:(].*$/, '').trim();
  const name = bare.replace(/^(?:for|to make|make) /i, '').replace(/^(?:the|a) /i, '');
  return name === '' ? 'leaven' : name;
}

/** The parts of a recipe that are leavens: their heading, and what stands under it up to the next heading. */
export function openParts(lines: readonly RecipeLine[]): OpenPart[] {
  const parts: OpenPart[] = [];
  let open: OpenPart | null = null;
  for (const line of lines) {
    const head = line.kind === 'understood' || line.kind === 'empty' ? null : headOf(line.raw);
    if (head === 'dough' || head === 'steps') open = null;
    else if (head !== null && (open !== null || !parts.some((part) => isAgain(part, head)))) {
      const name = nameOf(line.raw);
      open = { head, name, lines: [], fromLine: line.index, toLine: line.index };
      parts.push(open);
    } else if (open !== null) {
      open.toLine = line.index;
      if (weighs(line)) open.lines.push(line.index);
    }
  }
  return parts.filter((part) => part.lines.length > 0);
}

const weighs = (line: RecipeLine) =>
  line.kind === 'understood' ||
  line.kind === 'percent' ||
  (line.kind === 'question' && line.mass !== null);
