import { tr, word } from '@/words/tr';
import { DomainError, requireNumber } from '../../units';
import { compareClaims, type ClaimCompared } from './compare';
import type { MassRange } from './amount-mass';
import { readLine } from './line';
import type { RecipeLine } from './recipe-line';
import { magnitudeQuestion } from './magnitude';
import { linesOf } from './heads';
import { inParts, type RecipePart } from './parts';
import type { OwnThing } from './thing-of-line';
import { recipeSums, type RecipeSums } from './sums';

/** A recipe as it was pasted, with what the baker answered. */
export interface RecipeQuestion {
  readonly text: string;
  /** Grams the baker gives for a line, by its number from 0. */
  readonly answers?: Readonly<Record<number, number>>;
  /** Whether a line counts, where the baker says so; by its number from 0. */
  readonly counts?: Readonly<Record<number, boolean>>;
  /** Flours and cultures of the shop by the names they have there. */
  readonly own?: readonly OwnThing[];
}

/** What a pasted recipe really is. */
export interface RecipeCheck {
  readonly lines: readonly RecipeLine[];
  /** Leavens that the recipe makes beforehand. */
  readonly parts: readonly RecipePart[];
  /** Null while there is no flour in what was understood. */
  readonly sums: RecipeSums | null;
  readonly claims: readonly ClaimCompared[];
  /** Lines that wait for an answer. */
  readonly open: number;
}

const MOST_LINES = 80;
const MOST_LETTERS = 8000;
const ANSWER = { name: word('Grams of the line'), unit: 'g', min: 0.01, max: 1_000_000 } as const;

/**
 * Reads a recipe line by line and works out what it really is. What can not be read is said, never guessed.
 * @throws {DomainError} recipe-too-long, answer-range
 */
export function checkRecipe({
  text,
  answers = {},
  counts = {},
  own = [],
}: RecipeQuestion): RecipeCheck {
  const raws = linesOf(text);
  if (text.length > MOST_LETTERS || raws.length > MOST_LINES) {
    throw new DomainError(
      'recipe-too-long',
      tr`Recipe: ${raws.length} lines, ${text.length} letters. Allowed: up to ${MOST_LINES} lines and ${MOST_LETTERS} letters.`,
      { lines: raws.length, letters: text.length },
    );
  }
  const read = raws.map((raw, index) => readLine(raw, index, counts[index], own));
  const answered = named(read).map((line) => withAnswer(line, answers[line.index]));
  const { lines: placed, parts } = inParts(answered);
  const first = recipeSums(placed, parts);
  const lines =
    first === null
      ? placed
      : placed.map((line) =>
          answers[line.index] === undefined ? magnitudeQuestion(line, placed, first) : line,
        );
  const sums = recipeSums(lines, parts);
  return {
    lines,
    parts,
    sums,
    claims: sums === null ? [] : compareClaims(lines, sums),
    open: lines.filter((line) => line.kind === 'not understood' || line.kind === 'question').length,
  };
}

/** The first line that weighs nothing is what the recipe is called, a per cent in it or not. */
function named(lines: readonly RecipeLine[]): readonly RecipeLine[] {
  const first = lines.find((line) => line.kind !== 'empty');
  if (first?.kind !== 'not understood') return lines;
  const { index, raw, thing } = first;
  // “Friday discard” is a name, “200 g something” or “flour” are none.
  if (thing !== null && (/\d/.test(raw) || !/\S\s+\S/.test(raw.trim()))) return lines;
  const title = { index, raw, kind: 'skipped', says: tr`its name` } as const;
  return lines.map((line) => (line === first && !WEIGHS.test(raw) ? title : line));
}

const WEIGHS = /\d\s*(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp)\b/i;

/** The baker's own grams settle a line. */
function withAnswer(line: RecipeLine, massG: number | undefined): RecipeLine {
  if (massG === undefined || !('thing' in line) || line.thing === null) return line;
  requireNumber('answer-range', massG, ANSWER);
  const mass: MassRange = { massG, lowG: massG, highG: massG };
  const { index, raw, thing } = line;
  const hydration = 'hydration' in line ? line.hydration : null;
  return {
    index,
    raw,
    kind: 'understood',
    thing,
    mass,
    says: tr`${thing.name}, ${massG} g as you say`,
    hydration: hydration ?? thing.hydration ?? null,
    claimedShare: line.kind === 'understood' ? line.claimedShare : null,
  };
}
