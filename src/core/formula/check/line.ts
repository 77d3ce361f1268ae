import { amountsIn, withFigures, type WrittenAmount } from './quantity';
import type { RecipeUnit } from './units';
import { thingIn, thingOfLine, type RecipeThing } from './words';
import { readClaim, type RecipeClaim } from './claims';

/** Grams with the range that its measure carries. */
export interface MassRange {
  readonly massG: number;
  readonly lowG: number;
  readonly highG: number;
}

/** What Olvik made of one line. */
export type RecipeLine = { readonly index: number; readonly raw: string } & (
  | { readonly kind: 'empty' }
  | { readonly kind: 'note'; readonly says: string }
  /** No ingredient: a heading, a step of the method, or left out by the baker. */
  | { readonly kind: 'skipped'; readonly says: string }
  | { readonly kind: 'claim'; readonly claim: RecipeClaim; readonly says: string }
  | UnderstoodLine
  | PercentLine
  | {
      /** Read, but not to be believed as it stands. */
      readonly kind: 'question';
      readonly says: string;
      readonly thing: RecipeThing | null;
      readonly mass: MassRange | null;
      readonly hydration: number | null;
    }
  | { readonly kind: 'not understood'; readonly says: string; readonly thing: RecipeThing | null }
);

/** A line with a thing and its grams. */
export interface UnderstoodLine {
  readonly kind: 'understood';
  readonly thing: RecipeThing;
  readonly mass: MassRange;
  readonly says: string;
  /** Water over its own flour, for a leaven. */
  readonly hydration: number | null;
  /** The share the line itself claims; null for none. */
  readonly claimedShare: number | null;
}

/** A line that gives a per cent only. */
export interface PercentLine {
  readonly kind: 'percent';
  readonly thing: RecipeThing;
  readonly share: number;
  /** What it is a share of: all flour, or the water. */
  readonly over: 'flour' | 'water';
  readonly says: string;
  readonly hydration: number | null;
}

const NOTES =
  /\b(to taste|as needed|as required|if needed|optional|for dusting|for the (?:tray|bowl|board|pan|peel)|a little extra|extra for)\b/;
/** Heat, strength and types of flour are figures that are no amounts. */
const NO_AMOUNTS =
  /\b(?:at |of )?-?\d+(?:[.,]\d+)?\s*(?:°\s*[cf]?|degrees?)(?![a-z])|\b[wt]\s?\d{2,3}\b|\bw\s*=?\s*\d{3}\b|\btype \d+\b|\bno\.? ?\d\b/g;

/** A line as it is compared: small letters, plain marks, one blank between words. */
export function plainText(raw: string): string {
  return withFigures(
    raw
      .toLowerCase()
      .replace(/[’`´]/g, "'")
      .replace(/^\s*(?:[-*•·–]|\d+[.)](?=\s))\s*/, '')
      .replace(/\s+/g, ' ')
      .trim(),
  );
}

/**
 * Reads one line of a recipe; what it can not read it says, and guesses nothing.
 * @param counts whether the baker wants it counted: left out, headings and steps of the method are passed over
 */
export function readLine(raw: string, index: number, counts?: boolean): RecipeLine {
  const base = { index, raw };
  const text = plainText(raw);
  if (text === '') return { ...base, kind: 'empty' };
  if (counts === false) return { ...base, kind: 'skipped', says: 'left out' };
  const claim = readClaim(text);
  if (claim !== null) return { ...base, kind: 'claim', ...claim };
  const bare = text.replace(NO_AMOUNTS, (found) => ' '.repeat(found.length));
  const perLitre = saltPerLitre(text);
  if (perLitre !== null) return { ...base, ...perLitre };
  const passed = counts === true ? null : noIngredient(raw, text);
  if (passed !== null) return { ...base, kind: 'skipped', says: passed };
  const named = thingOfLine(text.replace(/\([^)]*\)/g, blank)) ?? thingOfLine(text);
  if (named !== null && named.beside !== null) {
    const says = `${named.beside.name} and ${named.thing.name} on one line: how much of each?`;
    return { ...base, kind: 'not understood', says, thing: null };
  }
  const found = named ?? yeastOfNoType(text);
  const without = found === null ? bare : bare.replace(found.word, ' '.repeat(found.word.length));
  const amounts = amountsIn(without);
  if (amounts.length === 0) return withoutAmount(base, text, found?.thing ?? null);
  if (found === null) return unknownThing(base, amounts);
  return { ...base, ...amountLine(found.thing, amounts, without) };
}

const blank = (words: string) => ' '.repeat(words.length);

/** "30 g salt per litre of water": a share of the water. */
function saltPerLitre(text: string): Omit<PercentLine, never> | null {
  const found =
    /(\d+(?:[.,]\d+)?)\s*g(?:rams?)?\s*(?:of\s+)?(?:fine |coarse |sea )*salt\s*(?:per|a|to (?:the|a)|for each|\/)\s*(?:1\s*)?(?:l\b|lit(?:re|er))/.exec(
      text,
    );
  const salt = thingIn('salt');
  if (found === null || salt === null) return null;
  const gramsPerL = Number((found[1] ?? '').replace(',', '.'));
  return {
    kind: 'percent',
    thing: salt.thing,
    share: gramsPerL / 1000,
    over: 'water',
    says: `salt, ${gramsPerL} g to each litre of water`,
    hydration: null,
  };
}

/** Words that a step of the method begins with. */
const STEP_VERBS =
  /^(?:step \d+|(?:then|now|next|next day|finally|meanwhile|the (?:next|following) day|after(?:wards)?|when|once|in the (?:morning|evening)|overnight)[ ,]|(?:add|autolyse|bake|ball|beat|blend|bring|bulk|chill|combine|cook|cool|cover|cut|discard|dissolve|divide|dust|feed|ferment|fold|form|freeze|heat|keep|knead|leave|let|make|mix|oil|place|pour|preheat|pre-heat|prepare|proof|prove|punch|put|refrigerate|remove|rest|ripen|roll|round|scale|serve|set|shape|slap|sprinkle|stir|store|stretch|take|temper|top|transfer|turn|warm|weigh|whisk|work)\b)/;
/** Words that head a part of a recipe. */
const HEADINGS =
  /^(?:ingredients?|method|directions?|instructions?|steps?|preparation|procedure|notes?|tips?|for the .{1,40}|the .{1,30}|dough|final dough|main dough|final mix|poolish|biga|levain|starter|sponge|day (?:one|two|three|\d+))\s*:?$/;
const FEW_WORDS = 7;

/** What a line is that is no ingredient: a heading, a title, a step of the method; null for one that may be. */
function noIngredient(raw: string, text: string): string | null {
  const hasFigure = /\d|\bpinch|\bhandful|½|¼|¾/.test(text);
  if (HEADINGS.test(text) || (!hasFigure && /:\s*$/.test(raw))) return 'a heading';
  // A step may weigh something: it begins with what is to be done, an ingredient with how much or what.
  if (STEP_VERBS.test(text)) return 'a step of the method';
  const words = text.split(' ').length;
  if (!hasFigure && thingIn(text) === null && !NOTES.test(text)) {
    return words <= FEW_WORDS ? 'a heading' : 'a step of the method';
  }
  return null;
}

const TYPE_NOT_SAID = 'yeast, type not said';

function yeastOfNoType(text: string): { thing: RecipeThing; word: string } | null {
  if (!/\byeast\b/.test(text)) return null;
  const instant = thingIn('instant yeast');
  return instant === null
    ? null
    : { thing: { ...instant.thing, name: TYPE_NOT_SAID }, word: 'yeast' };
}

function withoutAmount(
  base: { index: number; raw: string },
  text: string,
  thing: RecipeThing | null,
): RecipeLine {
  if (NOTES.test(text)) {
    return { ...base, kind: 'note', says: `${thing?.name ?? 'kept as a note'}: kept as a note` };
  }
  const says = thing === null ? 'not understood' : `${thing.name}: how much?`;
  return { ...base, kind: 'not understood', says, thing };
}

function unknownThing(
  base: { index: number; raw: string },
  amounts: readonly WrittenAmount[],
): RecipeLine {
  const weighed = amounts.some((one) => one.unit?.of === 'weight' || one.unit?.of === 'volume');
  const says = weighed ? 'not understood: what is it?' : 'not understood';
  return { ...base, kind: 'not understood', says, thing: null };
}

type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
type Found = Without<
  Extract<RecipeLine, { kind: 'understood' | 'percent' | 'question' | 'not understood' }>,
  'index' | 'raw'
>;

function amountLine(thing: RecipeThing, amounts: readonly WrittenAmount[], text: string): Found {
  const percents = amounts.filter((one) => one.unit?.of === 'percent');
  const rest = amounts.filter((one) => one.unit?.of !== 'percent');
  const share = percents[0] === undefined ? null : percents[0].low / 100;
  const hydration = thing.kind === 'leaven' ? (insideShare(text, percents) ?? null) : null;
  const claimedShare = hydration === null ? share : null;
  if (rest.length === 0) {
    if (share === null) return { kind: 'not understood', says: `${thing.name}: how much?`, thing };
    const says = `${thing.name}, ${round(share * 100)} % of the flour`;
    return { kind: 'percent', thing, share, over: 'flour', says, hydration: null };
  }
  const totals = alternatives(rest, text).map((group) => groupMass(group, thing));
  const bad = totals.find((one) => typeof one === 'string');
  if (typeof bad === 'string') {
    return { kind: 'question', says: bad, thing, mass: null, hydration };
  }
  const masses = totals as readonly WeighedAmount[];
  return readMasses(thing, masses, { hydration, claimedShare });
}

function readMasses(
  thing: RecipeThing,
  masses: readonly WeighedAmount[],
  more: { hydration: number | null; claimedShare: number | null },
): Found {
  // A weight says more than a measure.
  const [best] = [...masses].sort((a, b) => width(a.mass) - width(b.mass));
  if (best === undefined)
    return { kind: 'not understood', says: `${thing.name}: how much?`, thing };
  const other = masses.find((one) => one !== best && disagree(one.mass, best.mass));
  const hydration = thing.kind === 'leaven' ? (more.hydration ?? thing.hydration ?? null) : null;
  const says = `${thing.name}${thing.kind === 'leaven' ? `: ${leavenWords(best.mass.massG, hydration ?? 1, thing, more.hydration)}` : best.how}`;
  if (other !== undefined) {
    const disagreement = `${thing.name}: the line gives ${grams(best.mass.massG)} g and ${grams(other.mass.massG)} g. Which?`;
    return { kind: 'question', says: disagreement, thing, mass: best.mass, hydration };
  }
  if (thing.name === TYPE_NOT_SAID) {
    const which = `${thing.name}: counted as instant; fresh or dry?`;
    return { kind: 'question', says: which, thing, mass: best.mass, hydration };
  }
  return {
    kind: 'understood',
    thing,
    mass: best.mass,
    says,
    hydration,
    claimedShare: more.claimedShare,
  };
}

function leavenWords(massG: number, hydration: number, thing: RecipeThing, said: number | null) {
  const flourG = massG / (1 + hydration + (thing.saltShare ?? 0));
  const assumed = said === null ? `, taken as ${round(hydration * 100)} % water` : '';
  return `${grams(flourG)} flour + ${grams(flourG * hydration)} water${assumed}`;
}

/** A per cent in brackets is the water of a leaven. */
function insideShare(text: string, percents: readonly WrittenAmount[]): number | undefined {
  const inside = percents.find(({ from }) => {
    const open = text.lastIndexOf('(', from);
    return (open >= 0 && text.indexOf(')', open) > from) || /hydration/.test(text);
  });
  return inside === undefined ? undefined : inside.low / 100;
}

/** Amounts that belong together are summed (1 lb 4 oz, 1 kg + 200 g); the others say the same in other words. */
function alternatives(amounts: readonly WrittenAmount[], text: string): WrittenAmount[][] {
  const groups: WrittenAmount[][] = [];
  amounts.forEach((amount, index) => {
    const before = amounts[index - 1];
    const group = groups.at(-1);
    if (before === undefined || group === undefined) groups.push([amount]);
    else if (isSum(before, amount, text)) group.push(amount);
    else if (isTimes(before, amount, text)) {
      const times = before.low;
      groups.splice(-1, 1, [{ ...amount, low: amount.low * times, high: amount.high * times }]);
    } else groups.push([amount]);
  });
  return groups;
}

const between = (before: WrittenAmount, after: WrittenAmount, text: string) =>
  text.slice(before.to, after.from).trim();

function isSum(before: WrittenAmount, after: WrittenAmount, text: string): boolean {
  const words = between(before, after, text);
  if (words === '+' || words === 'plus') return true;
  return before.unit?.id === 'lb' && after.unit?.id === 'oz' && /^(and)?$/.test(words);
}

const isTimes = (before: WrittenAmount, after: WrittenAmount, text: string) =>
  before.unit === null && /^[x×]$/.test(between(before, after, text));

interface WeighedAmount {
  readonly mass: MassRange;
  readonly how: string;
}

function groupMass(group: readonly WrittenAmount[], thing: RecipeThing): WeighedAmount | string {
  let sum: MassRange = { massG: 0, lowG: 0, highG: 0 };
  let how = '';
  for (const amount of group) {
    const one = amountMass(amount, thing);
    if (typeof one === 'string') return one;
    sum = {
      massG: sum.massG + one.mass.massG,
      lowG: sum.lowG + one.mass.lowG,
      highG: sum.highG + one.mass.highG,
    };
    how = one.how;
  }
  return { mass: sum, how };
}

function amountMass(amount: WrittenAmount, thing: RecipeThing): WeighedAmount | string {
  const { unit } = amount;
  if (unit === null) return counted(amount, thing);
  if (unit.of === 'count') return packed(amount, thing, unit);
  if (unit.id === 'pinch') return pinched(amount, thing, unit);
  if (unit.of !== 'weight') return measured(amount, thing, unit);
  return unit.id === 'mg'
    ? `${thing.name}: mg is not a baker’s unit. Are grams meant?`
    : ranged(amount, unit.factor, 0, '');
}

/** A bare number: pieces of what comes in pieces, a question for everything else. */
function counted(amount: WrittenAmount, { name, kind, eachG }: RecipeThing) {
  return kind === 'liquid' && eachG !== undefined
    ? ranged(amount, eachG, 0.12, `, ${eachG} g each`)
    : `${name}: ${round((amount.low + amount.high) / 2)} of what? No unit is given.`;
}

function packed(amount: WrittenAmount, { name, kind, eachG }: RecipeThing, unit: RecipeUnit) {
  return kind === 'yeast' && eachG !== undefined
    ? ranged(amount, eachG, unit.doubt, `, ${eachG} g a ${unit.name}`)
    : `${name}: a ${unit.name} of it is no amount.`;
}

function pinched(amount: WrittenAmount, { name, pinches }: RecipeThing, unit: RecipeUnit) {
  return pinches === true
    ? ranged(amount, unit.factor, unit.doubt, `, about ${unit.factor} g a pinch`)
    : `${name}: a pinch of it is no amount.`;
}

/** A volume or a measure: by the density of what is in it. */
function measured(amount: WrittenAmount, thing: RecipeThing, unit: RecipeUnit): WeighedAmount {
  const each = unit.factor * thing.density;
  const per =
    unit.of === 'measure' ? `, ${round(each)} g a ${unit.name}` : `, ${round(thing.density)} g/ml`;
  return ranged(amount, each, Math.hypot(unit.doubt, thing.densityDoubt), per);
}

function ranged(
  { low, high }: WrittenAmount,
  each: number,
  doubt: number,
  how: string,
): WeighedAmount {
  return {
    mass: {
      massG: ((low + high) / 2) * each,
      lowG: low * each * (1 - doubt),
      highG: high * each * (1 + doubt),
    },
    how,
  };
}

const width = (mass: MassRange) => (mass.highG - mass.lowG) / Math.max(1e-9, mass.massG);
/** Two amounts disagree where even their ranges, a little widened for rounding, do not meet. */
const disagree = (a: MassRange, b: MassRange) =>
  a.highG * 1.04 < b.lowG * 0.96 || b.highG * 1.04 < a.lowG * 0.96;
const round = (value: number) => Number(value.toPrecision(3));
const grams = (massG: number) =>
  String(massG < 10 ? Math.round(massG * 10) / 10 : Math.round(massG));
