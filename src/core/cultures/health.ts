import { tr } from '@/words/tr';
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
    get name() {
      return tr`Slow`;
    },
    get looks() {
      return tr`Rises later or less than it used to`;
    },
    get means() {
      return tr`Cold, underfed, or fed a long time with flour of little ash: fewer yeasts are awake.`;
    },
    get does() {
      return tr`Two or three feeds in a row at 24–26 °C, each at its best, some of the flour wholegrain.`;
    },
  },
  hooch: {
    get name() {
      return tr`Liquid on top`;
    },
    get looks() {
      return tr`Grey or brown liquid with a sharp, boozy smell`;
    },
    get means() {
      return tr`It has long eaten all it had. It is hungry, not spoiled.`;
    },
    get does() {
      return tr`Pour it off or stir it in, then a feed of 1 : 5 : 5 or more; two where it stays weak.`;
    },
  },
  sharp: {
    get name() {
      return tr`Sharp`;
    },
    get looks() {
      return tr`Smells of vinegar, tastes sour, the dough slackens`;
    },
    get means() {
      return tr`Too long or too warm between feeds: acid has run ahead of the yeast.`;
    },
    get does() {
      return tr`Thinner feeds (1 : 8 : 8), cooler, used sooner after its best.`;
    },
  },
  separated: {
    get name() {
      return tr`Separated`;
    },
    get looks() {
      return tr`Flour below, water above, no bubbles`;
    },
    get means() {
      return tr`Too wet, or asleep from the cold.`;
    },
    get does() {
      return tr`Stir, warm to 22–24 °C, feed a little stiffer; look again after its usual hours.`;
    },
  },
  pink: {
    get name() {
      return tr`Pink or orange`;
    },
    get looks() {
      return tr`Pink, orange or red streaks or spots`;
    },
    get means() {
      return tr`Bacteria that do not belong there. No feeding drives them out.`;
    },
    get does() {
      return tr`Throw all of it away, wash the jar hot, start again from a back-up. Do not taste it.`;
    },
  },
  mould: {
    get name() {
      return tr`Mould`;
    },
    get looks() {
      return tr`Fur of any colour, black spots, a putrid smell`;
    },
    get means() {
      return tr`It has spoiled, under the surface too.`;
    },
    get does() {
      return tr`Throw all of it away without stirring, wash the jar hot, start again from a back-up.`;
    },
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
