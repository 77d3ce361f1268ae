import { tr } from '@/words/tr';
import { gramsText } from './contents';
import type { LeavenKind } from '../dough';
import type { UnderstoodLine } from './recipe-line';
import type { RecipeLine } from './recipe-line';
import { plainText } from './plain-text';
import { amountsIn } from './quantity';
import { type OpenPart, openParts } from './open-parts';

/** A leaven that a recipe makes beforehand, with the lines that go into it. */
export interface RecipePart {
  readonly kind: LeavenKind;
  /** As the recipe calls it. */
  readonly name: string;
  /** Lines of its flour, water, yeast and the rest, by number. */
  readonly lines: readonly number[];
  /** From its heading to the line before the next one. */
  readonly fromLine: number;
  readonly toLine: number;
  /** Share of what is made that goes into the dough. */
  readonly goesIn: number;
}

/** Water over flour from which a yeasted pre-ferment is a poolish, and under which it is a biga. Source: the trade’s ranges. */
const WET = 0.8;
const STIFF = 0.58;

/** Which leaven an unnamed pre-ferment is, by what is in it. */
function kindOf(head: OpenPart['head'], inIt: readonly Weighed[]): LeavenKind {
  const sum = (kind: string) =>
    inIt.reduce((all, one) => all + (one.thing.kind === kind ? one.mass.massG : 0), 0);
  const wetness = (sum('water') + sum('liquid')) / Math.max(1, sum('flour'));
  const seeded = inIt.some(({ thing }) => thing.kind === 'leaven');
  if (head === 'levain' || (head === 'pre-ferment' && seeded)) {
    return wetness < STIFF + 0.05 ? 'stiff levain' : 'levain';
  }
  if (head !== 'pre-ferment') return head;
  if (wetness >= WET) return 'poolish';
  return wetness < STIFF ? 'biga' : 'sponge';
}

/** Lines with their parts: per cents of a part are of its own flour, and a part named again below is not weighed twice. */
export interface LinesInParts {
  readonly lines: readonly RecipeLine[];
  readonly parts: readonly RecipePart[];
}

/** Finds the parts of a recipe that are leavens, and what of each goes into the dough. */
export function inParts(lines: readonly RecipeLine[]): LinesInParts {
  const open = openParts(lines);
  if (open.length === 0) return { lines, parts: [] };
  const weighed = lines.map((line) => {
    const part = open.find((one) => one.lines.includes(line.index));
    return part === undefined ? line : ofItsFlour(line, part, lines);
  });
  const parts = open.map((part): RecipePart => {
    const inIt = weighedIn(weighed, part.lines);
    return { ...part, kind: kindOf(part.head, inIt), goesIn: 1 };
  });
  const shares = new Map<RecipePart, number>();
  const named = weighed.map((line) => {
    if (parts.some((part) => line.index >= part.fromLine && line.index <= part.toLine)) return line;
    const part = meantBy(line, parts);
    return part === null ? line : asPart(line, part, { weighed, shares });
  });
  return {
    parts: parts.map((part) => ({ ...part, goesIn: shares.get(part) ?? 1 })),
    lines: named.map((line) => {
      const part = parts.find((one) => one.lines.includes(line.index));
      return part === undefined ? line : scaled(line, shares.get(part) ?? 1);
    }),
  };
}

/** Lines of a part with a thing and its grams. */
type Weighed = Pick<UnderstoodLine, 'thing' | 'mass'>;

function weighedIn(lines: readonly RecipeLine[], wanted: readonly number[]): Weighed[] {
  return lines.flatMap((line): Weighed[] => {
    if (!wanted.includes(line.index)) return [];
    if (line.kind === 'understood') return [line];
    const { kind } = line;
    if (kind !== 'question' || line.thing === null || line.mass === null) return [];
    return [{ thing: line.thing, mass: line.mass }];
  });
}

/** A per cent of a part as grams of that part’s flour. */
function ofItsFlour(line: RecipeLine, part: OpenPart, lines: readonly RecipeLine[]): RecipeLine {
  if (line.kind !== 'percent' || line.over !== 'flour') return line;
  const flourG = weighedIn(lines, part.lines).reduce(
    (all, one) => all + (one.thing.kind === 'flour' ? one.mass.massG : 0),
    0,
  );
  if (!(flourG > 0)) return line;
  const massG = line.share * flourG;
  const { index, raw, thing, says, hydration } = line;
  const mass = { massG, lowG: massG, highG: massG };
  return { index, raw, kind: 'understood', thing, mass, says, hydration, claimedShare: null };
}

const NAMED_AGAIN = /\b(pre-?ferment|pre-?dough|poolish|biga|sponge|levain|leaven|starter)\b/;
const SEEDED: ReadonlySet<LeavenKind> = new Set(['levain', 'stiff levain']);

/** The part that a line of the dough means; null for none. */
function meantBy(line: RecipeLine, parts: readonly RecipePart[]): RecipePart | null {
  if (line.kind === 'claim' || line.kind === 'empty') return null;
  const word = NAMED_AGAIN.exec(plainText(line.raw))?.[1];
  if (word === undefined) return null;
  // A step that speaks of it is a step.
  if (line.kind === 'skipped' && plainText(line.raw).split(' ').length > 6) return null;
  if (/^pre/.test(word)) return parts[0] ?? null;
  const kind = ['leaven', 'starter'].includes(word) ? 'levain' : word;
  return (
    parts.find((part) => part.kind === kind) ??
    parts.find((part) => kind === 'levain' && SEEDED.has(part.kind)) ??
    null
  );
}

/** Two weights of the same leaven differ where they are this far apart. */
const SAME = 0.05;

/** A line of the dough that names a part above: its weight says how much of it goes in. */
function asPart(
  line: RecipeLine,
  part: RecipePart,
  known: { readonly weighed: readonly RecipeLine[]; readonly shares: Map<RecipePart, number> },
): RecipeLine {
  const { index, raw } = line;
  const name = part.name.toLowerCase();
  const madeG = weighedIn(known.weighed, part.lines).reduce((all, one) => all + one.mass.massG, 0);
  const takenG = line.kind === 'understood' ? line.mass.massG : weightIn(raw);
  const all = { index, raw, kind: 'skipped', says: tr`the ${name} above, all of it` } as const;
  if (takenG === null || Math.abs(takenG - madeG) <= SAME * madeG) return all;
  if (takenG > madeG) {
    const says = tr`${name}: ${gramsText(takenG)} g go in, but above ${gramsText(madeG)} g are made. Which?`;
    const thing = line.kind === 'understood' ? line.thing : null;
    return { index, raw, kind: 'question', says, thing, mass: null, hydration: null };
  }
  known.shares.set(part, takenG / madeG);
  return {
    ...all,
    says: tr`${gramsText(takenG)} g of the ${gramsText(madeG)} g of ${name} made above`,
  };
}

/** The first weight that a line gives, g; null for none. */
function weightIn(raw: string): number | null {
  const found = amountsIn(plainText(raw)).find(({ unit }) => unit?.of === 'weight');
  return found?.unit == null ? null : found.low * found.unit.factor;
}

/** A line of a part of which only a share goes in. */
function scaled(line: RecipeLine, share: number): RecipeLine {
  if (share === 1 || !('mass' in line) || line.mass === null) return line;
  const { massG, lowG, highG } = line.mass;
  return {
    ...line,
    mass: { massG: massG * share, lowG: lowG * share, highG: highG * share },
    says: tr`${line.says}: of ${gramsText(massG)} g, what goes into the dough`,
  };
}
