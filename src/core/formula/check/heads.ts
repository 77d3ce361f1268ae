import type { LeavenKind } from '../dough';
import { plainText } from './plain-text';

/** What heads a part of a recipe: a leaven that is made beforehand, the dough itself, or its steps. */
type Head = LeavenKind | 'pre-ferment' | 'dough' | 'steps';

/** Words by which a part that is a leaven is headed. */
const LEAVEN_HEADS: readonly (readonly [RegExp, LeavenKind | 'pre-ferment'])[] = [
  [/^poolish$/, 'poolish'],
  [/^biga$/, 'biga'],
  [/^sponge$/, 'sponge'],
  [/^(?:stiff|firm) (?:levain|leaven|starter)(?: build)?$/, 'stiff levain'],
  [/^(?:levain|leaven|starter|sourdough)(?: build)?$|^build$/, 'levain'],
  [/^(?:pre-?ferment|pre-?dough|first dough)$/, 'pre-ferment'],
];
const DOUGH_HEAD =
  /^(?:(?:final|main|second|pizza|bread)? ?(?:dough|mix)(?: day)?|(?:on )?(?:the )?(?:next|baking) day|to finish|then)$/;
const STEPS_HEAD = /^(?:method|directions?|instructions?|steps?|preparation|procedure|process)$/;
const BEFORE_HEAD =
  /^(?:for |to make |make |(?:day|step|part|stage) (?:\d+|one|two|three)\s*[:.,–-]?\s*|(?:the )?(?:night|evening|day) before\s*[:,–-]?\s*|\d+[.)]\s*)+/;
/** A weight in a line makes it an ingredient and no heading. */
const WEIGHS = /\d\s*(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|%)\b/;

/** What a line heads; null for a line that heads nothing. */
export function headOf(raw: string): Head | null {
  const text = plainText(raw);
  if (WEIGHS.test(text)) return null;
  const words = text
    .replace(/\([^)]*\)/g, ' ')
    .replace(/[:–-]\s*$/, '')
    .replace(BEFORE_HEAD, '')
    .replace(/^(?:the|a) /, '')
    .replace(/:.*$/, '')
    .trim();
  if (STEPS_HEAD.test(words)) return 'steps';
  if (DOUGH_HEAD.test(words)) return 'dough';
  const bare = words.replace(/,\D*$/, '');
  return LEAVEN_HEADS.find(([pattern]) => pattern.test(bare))?.[1] ?? null;
}

/** “Poolish: 150 g flour, 150 g water, 1 g yeast” on one line, as the heading and its lines. */
const ON_ONE_LINE = /^([^:\d]{3,40}):\s*(.+)$/;

/** The lines of a recipe; a part that is written on one line stands on a line for each thing. */
export function linesOf(text: string): string[] {
  return text.split(/\r?\n/).flatMap((raw) => {
    const found = ON_ONE_LINE.exec(raw);
    const head = found === null ? null : headOf(found[1] ?? '');
    if (found === null || head === null || head === 'steps') return [raw];
    const things = (found[2] ?? '').split(/[;,](?!\d)\s*|\s+(?:and|\+)\s+(?=\d)/);
    return things.length < 2
      ? [raw]
      : [`${found[1]}:`, ...things, ...(head === 'dough' ? [] : [''])];
  });
}
