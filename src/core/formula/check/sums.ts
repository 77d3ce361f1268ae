import type { MassRange } from './amount-mass';
import { freshGrams, waterShareIn } from './contents';
import type { RecipeLine } from './recipe-line';
import type { RecipePart } from './parts';
import type { RecipeThing } from './words';

/** A figure with the range that spoons and cups leave it. */
export interface Ranged {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** What a recipe really is. */
export interface RecipeSums {
  readonly flourG: Ranged;
  readonly doughG: Ranged;
  readonly hydration: Ranged;
  readonly saltShare: Ranged;
  readonly oilShare: Ranged;
  readonly sugarShare: Ranged;
  /** Yeast as fresh over all flour. */
  readonly freshShare: Ranged;
  /** Flour of the leavens over all flour. */
  readonly leavenShare: Ranged;
  /** Flour and water that come with leavens, g. */
  readonly broughtFlourG: number;
  readonly broughtWaterG: number;
  /** Grams of each line that counts, by its number. */
  readonly grams: ReadonlyMap<number, number>;
}

/** A line that counts, with its grams. */
interface Counted {
  readonly index: number;
  readonly thing: RecipeThing;
  readonly mass: MassRange;
  readonly hydration: number;
  /** It goes into a leaven that is made beforehand. */
  readonly inLeaven: boolean;
}

type Brought = Readonly<
  Record<'flour' | 'water' | 'salt' | 'oil' | 'sugar' | 'fresh' | 'leavenFlour' | 'all', number>
>;

/** Sums of what was understood; null without flour. Ranges add in quadrature: spoons err independently. */
export function recipeSums(
  lines: readonly RecipeLine[],
  parts: readonly RecipePart[] = [],
): RecipeSums | null {
  const counted = countedLines(lines, new Set(parts.flatMap((part) => part.lines)));
  if (counted === null) return null;
  const whole = counted.map((line) => brought(line, line.mass.massG));
  const sum = (of: keyof Brought) => whole.reduce((all, one) => all + one[of], 0);
  const flourG = sum('flour');
  if (!(flourG > 0)) return null;
  const ratio = (of: keyof Brought, over: 'flour' | 'one'): Ranged => {
    const value = over === 'flour' ? sum(of) / flourG : sum(of);
    let [down, up] = [0, 0];
    for (const line of counted) {
      const at = (massG: number) => {
        const apart = brought(line, massG - line.mass.massG);
        const changed = sum(of) + apart[of];
        return over === 'flour' ? changed / (flourG + apart.flour) : changed;
      };
      const apart = [at(line.mass.lowG) - value, at(line.mass.highG) - value];
      down += Math.min(0, ...apart) ** 2;
      up += Math.max(0, ...apart) ** 2;
    }
    return { value, low: value - Math.sqrt(down), high: value + Math.sqrt(up) };
  };
  const ofLeavens = counted.filter((line) => line.thing.kind === 'leaven' || line.inLeaven);
  const leavenSum = (of: keyof Brought) =>
    ofLeavens.reduce((all, line) => all + brought(line, line.mass.massG)[of], 0);
  return {
    flourG: ratio('flour', 'one'),
    doughG: ratio('all', 'one'),
    hydration: ratio('water', 'flour'),
    saltShare: ratio('salt', 'flour'),
    oilShare: ratio('oil', 'flour'),
    sugarShare: ratio('sugar', 'flour'),
    freshShare: ratio('fresh', 'flour'),
    leavenShare: ratio('leavenFlour', 'flour'),
    broughtFlourG: leavenSum('flour'),
    broughtWaterG: leavenSum('water'),
    grams: new Map(counted.map((line) => [line.index, line.mass.massG])),
  };
}

/** Lines with grams; per cents become grams of the flour that is weighed. Null without any flour. */
function countedLines(
  lines: readonly RecipeLine[],
  inLeavens: ReadonlySet<number>,
): Counted[] | null {
  const weighed = lines.flatMap((line): Counted[] =>
    (line.kind === 'understood' || (line.kind === 'question' && line.mass !== null)) &&
    line.thing !== null
      ? [
          {
            index: line.index,
            thing: line.thing,
            mass: line.mass as MassRange,
            hydration: line.hydration ?? line.thing.hydration ?? 0,
            inLeaven: inLeavens.has(line.index),
          },
        ]
      : [],
  );
  const bring = (of: 'flour' | 'water') =>
    weighed.reduce((all, line) => all + brought(line, line.mass.massG)[of], 0);
  // Per cents are of all flour, that of the leavens counted.
  const flourG = bring('flour');
  if (!(flourG > 0)) return null;
  const said = new Set(weighed.map((line) => line.thing.id));
  const byShare = lines.flatMap((line): Counted[] => {
    if (line.kind !== 'percent' || said.has(line.thing.id) || line.thing.kind === 'flour')
      return [];
    const massG = line.share * (line.over === 'water' ? bring('water') : flourG);
    const mass = { massG, lowG: massG, highG: massG };
    const { index, thing } = line;
    return [{ index, thing, mass, hydration: thing.hydration ?? 0, inLeaven: false }];
  });
  return [...weighed, ...byShare];
}

const NOTHING: Brought = {
  flour: 0,
  water: 0,
  salt: 0,
  oil: 0,
  sugar: 0,
  fresh: 0,
  leavenFlour: 0,
  all: 0,
};

/** What so many grams of a line bring, of each thing that is summed. */
function brought({ thing, hydration, inLeaven }: Counted, massG: number): Brought {
  const base = { ...NOTHING, all: massG, water: massG * waterShareIn(thing.id) };
  switch (thing.kind) {
    case 'flour':
      return { ...base, flour: massG, leavenFlour: inLeaven ? massG : 0 };
    case 'water':
      return { ...base, water: massG };
    case 'salt':
      return { ...base, salt: massG };
    case 'oil':
      return { ...base, oil: massG };
    case 'sugar':
      return { ...base, sugar: massG };
    case 'yeast':
      return { ...base, fresh: freshGrams(thing.id, massG) };
    case 'leaven': {
      const saltShare = thing.saltShare ?? 0;
      const flour = massG / (1 + hydration + saltShare);
      return {
        ...base,
        flour,
        leavenFlour: flour,
        water: flour * hydration,
        salt: flour * saltShare,
      };
    }
    default:
      return base;
  }
}
