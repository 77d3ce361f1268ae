import { plainText } from './plain-text';
import type { RecipeLine } from './recipe-line';
import type { RecipePart } from './parts';
import { foldsIn, hoursIn, type RecipeFolds } from './stage-words';

/** Where a stage of a recipe stands, by how it says so. */
export type StageWhere = 'warm' | 'room' | 'cool' | 'cold';

/** Hours somewhere, as a recipe gives them. */
export interface RecipeStage {
  readonly where: StageWhere;
  readonly leastH: number;
  readonly mostH: number;
  /** The words it was read from. */
  readonly from: string;
}

/** Minutes of mixing, or of rest between them. */
export interface RecipeMixing {
  readonly speed: 'slow' | 'fast' | 'hand' | 'rest';
  readonly minutes: number;
}

/** The stages of a recipe. */
export interface RecipeStages {
  /** Of each part, in the order of the parts. */
  readonly leavens: readonly (readonly RecipeStage[])[];
  /** Rest of flour and water, min; null for none. */
  readonly autolyseMin: number | null;
  /** Where that is, as far as it is said. */
  readonly autolyseWhere: StageWhere | null;
  /** The oven is heated so long before the bake, min; null where it does not say. */
  readonly heatMin: number | null;
  readonly mix: readonly RecipeMixing[];
  readonly folds: RecipeFolds | null;
  readonly bulk: readonly RecipeStage[];
  readonly balls: readonly RecipeStage[];
  readonly reball: boolean;
  /** What has hours or minutes and no place in a method: the oven, the peel. */
  readonly notKept: readonly string[];
}

const OVEN = /\b(bake|baking|oven|pre-?heat|grill|broil|steel|stone|peel|cook|top|serve)\b/;
/** An oven that is heated for a while before it bakes. */
const HEATED = /\b(?:pre-?heat|heat (?:up )?(?:the |your )?(?:oven|stone|steel))/;
const COLD = /\b(fridge|refrigerat\w*|cold|chill\w*|retard\w*)\b|\b[2-8] ?°/;
const COOL = /\b(cellar|cool)\b|\b1[0-8] ?°/;
const WARM = /\b(warm|proofer|proving (?:box|drawer))\b|\b(?:2[6-9]|3\d) ?°/;
const BALLED =
  /\b(balls?|balled|divide|shape|shaped|portion|scale|proof|prove|final (?:proof|rise)|second (?:rise|proof)|\d+ (?:pieces|pizzas|portions|rounds|trays|loaves))\b/;
const AGAIN = /\b(?:ball|shape|round) (?:them |it )?again\b|\bre-?ball\b/;
const TEMPERED = /\b(?:take|bring|remove)\b.*\b(?:out|room|before)\b|\btemper\b/;
const MIXED = /\b(mix|knead|machine|mixer|speed|slow|fast)\b/;
const AUTOLYSE = /\bautolys|\b(?:flour and water|shaggy).*\b(?:rest|stand|sit|leave)\b/;

/** A piece of a step between two marks, in which one thing is done. */
interface Clause {
  readonly text: string;
  readonly raw: string;
  /** The part that the clause stands in; null for the dough. */
  readonly part: number | null;
}

function clausesOf(lines: readonly RecipeLine[], parts: readonly RecipePart[]): Clause[] {
  return lines.flatMap((line): Clause[] => {
    const isStep =
      line.kind === 'skipped' || line.kind === 'not understood' || line.kind === 'claim';
    if (!isStep) return [];
    const part = parts.findIndex(
      ({ fromLine, toLine }) => line.index >= fromLine && line.index <= toLine,
    );
    return plainText(line.raw)
      .split(/[;]|\.(?!\d)|,(?!\d)|\bthen\b|\bafterwards\b/)
      .map((text) => ({ text: text.trim(), raw: line.raw.trim(), part: part < 0 ? null : part }))
      .filter(({ text }) => text !== '');
  });
}

function whereIn(text: string): StageWhere | null {
  if (COLD.test(text)) return 'cold';
  if (WARM.test(text)) return 'warm';
  if (COOL.test(text)) return 'cool';
  return /\b(room|bench|counter|ambient|table)\b|\b(?:19|2[0-5]) ?°/.test(text) ? 'room' : null;
}

interface Reading {
  leavens: RecipeStage[][];
  autolyseMin: number | null;
  autolyseWhere: StageWhere | null;
  heatMin: number | null;
  mix: RecipeMixing[];
  folds: RecipeStages['folds'];
  bulk: RecipeStage[];
  balls: RecipeStage[];
  reball: boolean;
  balled: boolean;
  notKept: string[];
}

/** Mixing for longer than this is a rest that was read wrong. */
const LONGEST_MIX_H = 0.75;

/** True for minutes in which the dough is mixed. */
const isMixing = ({ text, part }: Clause, mostH: number, reading: Reading) =>
  part === null && MIXED.test(text) && mostH <= LONGEST_MIX_H && !reading.balled;

/** True for hours of the oven: those of balls taken out of the cold before are none. */
const isOven = (text: string) =>
  OVEN.test(text) && whereIn(text) !== 'cold' && !TEMPERED.test(text);

function readClause(clause: Clause, reading: Reading): void {
  const { text, raw, part } = clause;
  if (AGAIN.test(text)) reading.reball = reading.balled;
  const folds = foldsIn(text);
  if (folds !== null) {
    reading.folds = folds;
    return;
  }
  if (part === null && BALLED.test(text)) reading.balled = true;
  const hours = hoursIn(text);
  if (HEATED.test(text) && hours !== null) reading.heatMin = Math.round(hours.mostH * 60);
  else if (isOven(text) && /\d/.test(text)) reading.notKept.push(raw);
  else if (hours !== null) readHours(clause, hours, reading);
}

/** Hours of a clause that is not about the oven: a rest of flour and water, mixing, or a stage. */
function readHours(
  clause: Clause,
  hours: { readonly leastH: number; readonly mostH: number },
  reading: Reading,
): void {
  const { text } = clause;
  if (AUTOLYSE.test(text)) {
    reading.autolyseMin = Math.round(hours.mostH * 60);
    reading.autolyseWhere = whereIn(text);
  } else if (isMixing(clause, hours.mostH, reading)) readMixing(text, hours.mostH, reading);
  else {
    // What is taken out of the fridge stands in the room.
    const where = TEMPERED.test(text) ? 'room' : (whereIn(text) ?? 'room');
    const { leastH, mostH } = hours;
    stagesFor(reading, clause).push({ where, leastH, mostH, from: text });
  }
}

function readMixing(text: string, hours: number, reading: Reading): void {
  const byMachine = /\b(fast|high|second|medium)\b/.test(text) ? 'fast' : 'slow';
  const speed = /\bby hand\b|\bknead\b/.test(text) ? 'hand' : byMachine;
  // What rested before the dough was mixed to its end is a rest of the mixing.
  const rests = reading.bulk.splice(0).map(({ mostH }) => Math.round(mostH * 60));
  reading.mix.push(...rests.map((minutes) => ({ speed: 'rest', minutes }) as const));
  reading.mix.push({ speed, minutes: Math.round(hours * 60) });
}

/** Where the hours of a clause belong: to its leaven, to the balls, or to the dough in bulk. */
function stagesFor(reading: Reading, { text, part }: Clause): RecipeStage[] {
  if (part !== null) return reading.leavens[part] ?? [];
  return reading.balled || TEMPERED.test(text) ? reading.balls : reading.bulk;
}

/** Reads what the steps of a recipe say of hours, places, folds and mixing; what has no place in a method is named. */
export function recipeStages(
  lines: readonly RecipeLine[],
  parts: readonly RecipePart[],
): RecipeStages {
  const reading: Reading = {
    leavens: parts.map(() => []),
    autolyseMin: null,
    autolyseWhere: null,
    heatMin: null,
    mix: [],
    folds: null,
    bulk: [],
    balls: [],
    reball: false,
    balled: false,
    notKept: [],
  };
  for (const clause of clausesOf(lines, parts)) readClause(clause, reading);
  const { leavens, autolyseMin, autolyseWhere, heatMin, mix, folds, bulk, balls, reball } = reading;
  return {
    ...{ leavens, autolyseMin, autolyseWhere, heatMin, mix, folds, bulk, balls, reball },
    notKept: [...new Set(reading.notKept)],
  };
}
