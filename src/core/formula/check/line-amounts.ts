import { tr, trOf } from '@/words/tr';
import { gramsText } from './contents';
import type { MassRange, WeighedAmount } from './amount-mass';
import type { WrittenAmount } from './quantity';
import type { RecipeThing } from './words';
import type { Found } from './recipe-line';

/** What stands for yeast that does not say its type. */
export const typeNotSaid = () => tr`yeast, type not said`;

/** The grams of a line from what is written: one amount, a span, or several that agree; else what is unclear about them. */
export function readMasses(
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
export function insideShare(text: string, percents: readonly WrittenAmount[]): number | undefined {
  const inside = percents.find(({ from }) => {
    const open = text.lastIndexOf('(', from);
    return (open >= 0 && text.indexOf(')', open) > from) || /hydration/.test(text);
  });
  return inside === undefined ? undefined : inside.low / 100;
}

/** Amounts that belong together are summed (1 lb 4 oz, 1 kg + 200 g); the others say the same in other words. */
export function alternatives(amounts: readonly WrittenAmount[], text: string): WrittenAmount[][] {
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

/** Three digits of a figure. */
export const round = (value: number) => Number(value.toPrecision(3));
