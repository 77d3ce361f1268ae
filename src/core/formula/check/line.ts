import { tr, trOf } from '@/words/tr';
import { gramsText } from './contents';
import { groupMass, type MassRange, type WeighedAmount } from './amount-mass';
import { plainText } from './plain-text';
import { amountsIn, type WrittenAmount } from './quantity';
import { NOTES, noIngredient, saltPerLitre } from './no-ingredient';
import { thingOfLine, type OwnThing } from './thing-of-line';
import { thingIn, type RecipeThing } from './words';
import { readClaim, type RecipeClaim } from './claims';

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

/** Heat, strength and types of flour are figures that are no amounts. */
const NO_AMOUNTS =
  /\b(?:at |of )?-?\d+(?:[.,]\d+)?\s*(?:°\s*[cf]?|degrees?)(?![a-z])|\b[wt]\s?\d{2,3}\b|\bw\s*=?\s*\d{3}\b|\btype \d+\b|\bno\.? ?\d\b/g;

/**
 * Reads one line of a recipe; what it can not read it says, and guesses nothing.
 * @param counts whether the baker wants it counted: left out, headings and steps of the method are passed over
 * @param own things of the shop by the names they have there
 */
export function readLine(
  raw: string,
  index: number,
  counts?: boolean,
  own: readonly OwnThing[] = [],
): RecipeLine {
  const base = { index, raw };
  const text = plainText(raw);
  if (text === '') return { ...base, kind: 'empty' };
  if (counts === false) return { ...base, kind: 'skipped', says: tr`left out` };
  const claim = readClaim(text);
  if (claim !== null) return { ...base, kind: 'claim', ...claim };
  const perLitre = saltPerLitre(text);
  if (perLitre !== null) return { ...base, kind: 'percent', ...perLitre };
  const passed = counts === true ? null : noIngredient(raw, text);
  if (passed !== null) return { ...base, kind: 'skipped', says: passed };
  return { ...base, ...ingredientLine(text, own) };
}

const blank = (words: string) => ' '.repeat(words.length);

/** A line with an ingredient: what it is, and how much. */
function ingredientLine(
  text: string,
  own: readonly OwnThing[],
): Found | Without<Extract<RecipeLine, { kind: 'note' }>, 'index' | 'raw'> {
  const named = thingOfLine(text.replace(/\([^)]*\)/g, blank), own) ?? thingOfLine(text, own);
  if (named !== null && named.beside !== null) {
    const says = tr`${named.beside.name} and ${named.thing.name} on one line: how much of each?`;
    return { kind: 'not understood', says, thing: null };
  }
  const found = named ?? yeastOfNoType(text);
  const bare = text.replace(NO_AMOUNTS, blank);
  const without = found === null ? bare : bare.replace(found.word, ' '.repeat(found.word.length));
  const amounts = amountsIn(without);
  if (amounts.length === 0) return withoutAmount(text, found?.thing ?? null);
  if (found === null) return unknownThing(amounts);
  return amountLine(found.thing, amounts, without);
}

const typeNotSaid = () => tr`yeast, type not said`;

function yeastOfNoType(text: string): { thing: RecipeThing; word: string } | null {
  if (!/\byeast\b/.test(text)) return null;
  const instant = thingIn(tr`instant yeast`);
  return instant === null
    ? null
    : { thing: { ...instant.thing, name: typeNotSaid() }, word: 'yeast' };
}

function withoutAmount(text: string, thing: RecipeThing | null): ReturnType<typeof ingredientLine> {
  if (NOTES.test(text)) {
    return { kind: 'note', says: tr`${thing?.name ?? tr`kept as a note`}: kept as a note` };
  }
  const says = thing === null ? tr`not understood` : tr`${thing.name}: how much?`;
  return { kind: 'not understood', says, thing };
}

function unknownThing(amounts: readonly WrittenAmount[]): Found {
  const weighed = amounts.some((one) => one.unit?.of === 'weight' || one.unit?.of === 'volume');
  const says = weighed ? tr`not understood: what is it?` : tr`not understood`;
  return { kind: 'not understood', says, thing: null };
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
    if (share === null)
      return { kind: 'not understood', says: tr`${thing.name}: how much?`, thing };
    const says = tr`${thing.name}, ${round(share * 100)} % of the flour`;
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
    return { kind: 'not understood', says: tr`${thing.name}: how much?`, thing };
  const other = masses.find((one) => one !== best && disagree(one.mass, best.mass));
  const hydration = thing.kind === 'leaven' ? (more.hydration ?? thing.hydration ?? null) : null;
  const says = `${thing.name}${thing.kind === 'leaven' ? `: ${leavenWords(best.mass.massG, hydration ?? 1, thing, more.hydration)}` : best.how}`;
  if (other !== undefined) {
    const disagreement = tr`${thing.name}: the line gives ${gramsText(best.mass.massG)} g and ${gramsText(other.mass.massG)} g. Which?`;
    return { kind: 'question', says: disagreement, thing, mass: best.mass, hydration };
  }
  if (thing.name === typeNotSaid()) {
    const which = tr`${trOf(thing.name)}: counted as instant; fresh or dry?`;
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
  const assumed = said === null ? tr`, taken as ${round(hydration * 100)} % water` : '';
  return tr`${gramsText(flourG)} flour + ${gramsText(flourG * hydration)} water${assumed}`;
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

const width = (mass: MassRange) => (mass.highG - mass.lowG) / Math.max(1e-9, mass.massG);
/** Two amounts disagree where even their ranges, a little widened for rounding, do not meet. */
const disagree = (a: MassRange, b: MassRange) =>
  a.highG * 1.04 < b.lowG * 0.96 || b.highG * 1.04 < a.lowG * 0.96;
const round = (value: number) => Number(value.toPrecision(3));
