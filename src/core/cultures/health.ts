import { HEALTH_SIGNS, type HealthSign } from '../journal';

/** What a sign means and what is done about it. */
export interface HealthAdvice {
  readonly sign: HealthSign;
  readonly name: string;
  readonly looks: string;
  readonly means: string;
  readonly does: string;
  /** True where nothing of it may be used. */
  readonly ends: boolean;
}

const ADVICE: Readonly<Record<HealthSign, Omit<HealthAdvice, 'sign' | 'ends'>>> = {
  slow: {
    name: 'Slow',
    looks: 'Rises later or less than it used to',
    means: 'Cold, underfed, or fed a long time with flour of little ash: fewer yeasts are awake.',
    does: 'Two or three feeds in a row at 24–26 °C, each at its best, some of the flour wholegrain.',
  },
  hooch: {
    name: 'Liquid on top',
    looks: 'Grey or brown liquid with a sharp, boozy smell',
    means: 'It has long eaten all it had. It is hungry, not spoiled.',
    does: 'Pour it off or stir it in, then a feed of 1 : 5 : 5 or more; two where it stays weak.',
  },
  sharp: {
    name: 'Sharp',
    looks: 'Smells of vinegar, tastes sour, the dough slackens',
    means: 'Too long or too warm between feeds: acid has run ahead of the yeast.',
    does: 'Thinner feeds (1 : 8 : 8), cooler, used sooner after its best.',
  },
  separated: {
    name: 'Separated',
    looks: 'Flour below, water above, no bubbles',
    means: 'Too wet, or asleep from the cold.',
    does: 'Stir, warm to 22–24 °C, feed a little stiffer; look again after its usual hours.',
  },
  pink: {
    name: 'Pink or orange',
    looks: 'Pink, orange or red streaks or spots',
    means: 'Bacteria that do not belong there. No feeding drives them out.',
    does: 'Throw all of it away, wash the jar hot, start again from a back-up. Do not taste it.',
  },
  mould: {
    name: 'Mould',
    looks: 'Fur of any colour, black spots, a putrid smell',
    means: 'It has spoiled, under the surface too.',
    does: 'Throw all of it away without stirring, wash the jar hot, start again from a back-up.',
  },
};

/** Signs after which nothing of a culture may be used. Source: the usual cautions of the trade. */
const ENDS: ReadonlySet<HealthSign> = new Set(['pink', 'mould']);

/** Every sign with what it means. */
export const HEALTH: readonly HealthAdvice[] = HEALTH_SIGNS.map((sign) => ({
  sign,
  ...ADVICE[sign],
  ends: ENDS.has(sign),
}));

/** How one fed jar ran against its culture as known then: 1 as known, under 1 slower. */
export interface JarPace {
  readonly atMs: number;
  readonly pace: number;
}

/** A culture slower or faster than itself. */
export interface PaceNotice {
  /** Pace of the last jars over that of the ones before. */
  readonly ratio: number;
  readonly jars: number;
  readonly sinceMs: number;
}

/** Jars that make a change believable, and jars it is held against. */
const LATELY = 3;
const BEFORE_LEAST = 3;
/** Change under which hands and thermometers explain it. Set. */
const NOTICED = 0.85;

/**
 * A culture that its own looks show to be slower than it used to be; null while they do not.
 * @param paces of the jars that were looked at, oldest first
 */
export function slowerThanItself(paces: readonly JarPace[]): PaceNotice | null {
  const lately = paces.slice(-LATELY);
  const before = paces.slice(0, -LATELY);
  if (lately.length < LATELY || before.length < BEFORE_LEAST) return null;
  const meanLn = (of: readonly JarPace[]) =>
    of.reduce((sum, one) => sum + Math.log(one.pace), 0) / of.length;
  const ratio = Math.exp(meanLn(lately) - meanLn(before));
  if (ratio > NOTICED || lately.some((one) => one.pace >= 1)) return null;
  return { ratio, jars: LATELY, sinceMs: lately[0]?.atMs ?? 0 };
}
