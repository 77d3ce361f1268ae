/** Something weighed of an ingredient. */
export interface Weighed {
  readonly atMs: number;
  readonly ingredientId: string;
  readonly massG: number;
}

/** An ingredient when it was counted. */
export interface Counted {
  readonly thereG: number;
  readonly countedMs: number;
}

/** How far an ingredient reaches. */
export interface Reach {
  /** What the plans take of it, g. */
  readonly neededG: number;
  /** There now: as counted, less what was weighed since; null where it never was counted. Never under 0. */
  readonly thereG: number | null;
  /** What is missing for the plans, g; null where it never was counted. */
  readonly missingG: number | null;
  /** The first planned act that there is not enough for; null for none. */
  readonly shortMs: number | null;
}

/**
 * How far what was counted of one ingredient reaches: less what was weighed since, against what is planned, act by act.
 * @param done what was weighed of it; @param planned what is to be weighed; g, in any order
 */
export function reachOf(
  counted: Counted | null,
  done: readonly Weighed[],
  planned: readonly Weighed[],
): Reach {
  const neededG = planned.reduce((sum, one) => sum + one.massG, 0);
  if (counted === null) return { neededG, thereG: null, missingG: null, shortMs: null };
  const usedG = done
    .filter((one) => one.atMs >= counted.countedMs)
    .reduce((sum, one) => sum + one.massG, 0);
  const thereG = Math.max(0, counted.thereG - usedG);
  let leftG = thereG;
  let shortMs: number | null = null;
  for (const one of [...planned].sort((a, b) => a.atMs - b.atMs)) {
    leftG -= one.massG;
    if (leftG < -HAIR_G) shortMs ??= one.atMs;
  }
  return { neededG, thereG, missingG: Math.max(0, neededG - thereG), shortMs };
}

/** A hair of rounding is nothing, g. */
const HAIR_G = 1e-6;
