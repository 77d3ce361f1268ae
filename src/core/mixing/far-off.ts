import { tr } from '@/words/tr';
import { massOf, type Composition } from '../composition';

/** More than so many times what was planned, or less than one part in so many, is asked about. Set. */
const TIMES = 2;
/** Grams under which nobody asks: a pinch is a pinch. Set. */
const LEAST_G = 0.05;

/** An amount beside the one that was planned. */
export interface Amount {
  readonly name: string;
  readonly massG: number;
  readonly plannedG: number;
}

/**
 * The question about amounts that are far from the plan, so that a slip of a finger is seen before it is written; null where
 * nothing is far off. It never forbids: what the baker says twice is so.
 * @param wholeG all of the mass as it was planned, g
 */
export function farOffQuestion(amounts: readonly Amount[], wholeG: number): string | null {
  const far = amounts.filter(({ massG, plannedG }) => isFar(massG, plannedG));
  if (far.length === 0) return null;
  const said = far.map(
    ({ name, massG, plannedG }) => tr`${grams(massG)} ${name} where ${grams(plannedG)} was planned`,
  );
  return tr`${said.join(', ')}, in ${grams(wholeG)} of all: is that right?`;
}

/** True for an amount far from the planned one. */
export function isFar(massG: number, plannedG: number): boolean {
  if (Math.abs(massG - plannedG) < LEAST_G) return false;
  return massG > TIMES * plannedG || massG < plannedG / TIMES;
}

/** The question about an addition that is a lot of the mass it goes into; null for a usual one. */
export function additionQuestion(name: string, massG: number, into: Composition): string | null {
  const wholeG = massOf(into);
  return massG <= wholeG * MOST_ADDED
    ? null
    : tr`${grams(massG)} ${name} into ${grams(wholeG)}: is that right?`;
}
/** Additions by feel are small against the mass. Set. */
const MOST_ADDED = 0.35;

const grams = (massG: number) =>
  massG >= 10_000
    ? `${Number((massG / 1000).toPrecision(3))} kg`
    : `${Number(massG.toPrecision(massG < 100 ? 2 : 3))} g`;
