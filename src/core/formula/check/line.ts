import { tr } from '@/words/tr';
import { groupMass, type WeighedAmount } from './amount-mass';
import { plainText } from './plain-text';
import { amountsIn, type WrittenAmount } from './quantity';
import { NOTES, noIngredient, saltPerLitre } from './no-ingredient';
import { thingOfLine, type OwnThing } from './thing-of-line';
import { thingIn, type RecipeThing } from './words';
import { readClaim } from './claims';
import { typeNotSaid, readMasses, insideShare, alternatives, round } from './line-amounts';
import type { Without, Found, RecipeLine } from './recipe-line';

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
