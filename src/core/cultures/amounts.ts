import { tr, word } from '@/words/tr';
import { totals, type Composition, type Pantry } from '../composition';
import { WATER } from '../formula';
import { DomainError, requireNumber, roundKeepingSum } from '../units';

/** A flour of a blend and its share. */
export interface BlendLine {
  readonly flourId: string;
  readonly share: number;
}

/** What a culture or a build is to be once fed. */
export interface FedAs {
  /** Water over flour. */
  readonly hydration: number;
  /** Flours that are added; the shares add up to 1. */
  readonly flours: readonly BlendLine[];
}

/** Grams to weigh for a feed. */
export interface FeedAmounts {
  readonly motherG: number;
  readonly flours: readonly { readonly ingredientId: string; readonly massG: number }[];
  readonly flourG: number;
  readonly waterG: number;
  readonly totalG: number;
  /** Flour of the mother over all flour. */
  readonly seedShare: number;
}

const HYDRATION_RULE = { name: word('Hydration'), unit: '', min: 0.4, max: 2 } as const;

/**
 * Grams of flour and water that bring some of a mother to a wanted mass at a wanted hydration, whatever the mother's
 * own hydration is.
 * @throws {DomainError} hydration-range, mother-too-wet, mother-too-much
 */
export function feedAmounts(
  mother: Composition,
  fed: FedAs,
  grams: { readonly motherG: number; readonly totalG: number },
  pantry: Pantry,
): FeedAmounts {
  requireNumber('hydration-range', fed.hydration, HYDRATION_RULE);
  const { motherG, totalG } = grams;
  const per = perGram(mother, pantry);
  const allFlourG = (totalG - motherG * per.other) / (1 + fed.hydration);
  const flourG = allFlourG - motherG * per.flour;
  const waterG = allFlourG * fed.hydration - motherG * per.water;
  if (flourG < -1e-9) {
    throw new DomainError('mother-too-much', tooMuch(motherG, totalG), { motherG, totalG });
  }
  if (waterG < -1e-9) {
    throw new DomainError(
      'mother-too-wet',
      tr`Mother: ${Math.round(motherG)} g of it bring more water than the feed may hold. Allowed: less of it, or two feeds.`,
      { motherG, totalG },
    );
  }
  return {
    motherG,
    flours: fed.flours.map((line) => ({ ingredientId: line.flourId, massG: flourG * line.share })),
    flourG,
    waterG: Math.max(0, waterG),
    totalG,
    seedShare: (motherG * per.flour) / allFlourG,
  };
}

const tooMuch = (motherG: number, totalG: number) =>
  tr`Mother: ${Math.round(motherG)} g is more than ${Math.round(totalG)} g in all allow.`;

/**
 * Mother in a feed of a wanted mass with so much flour to each gram of it, g.
 * @param ratio g of new flour to a gram of mother, as in 1 : 5 : 5
 */
export function motherAt(
  mother: Composition,
  feed: { readonly fed: FedAs; readonly totalG: number; readonly ratio: number },
  pantry: Pantry,
): number {
  const per = perGram(mother, pantry);
  const { fed, totalG, ratio } = feed;
  return totalG / ((1 + fed.hydration) * (ratio + per.flour) + per.other);
}

/**
 * Grams of mother between which a feed of a wanted mass can be: thinner and the culture lags, thicker and there is
 * nothing to eat, or more water than the feed may hold.
 * @param feed.thinnest g of new flour to a gram of mother, at the most
 */
export function motherRange(
  mother: Composition,
  feed: { readonly fed: FedAs; readonly totalG: number; readonly thinnest: number },
  pantry: Pantry,
): { readonly leastG: number; readonly mostG: number } {
  const { fed, totalG } = feed;
  const per = perGram(mother, pantry);
  const h = fed.hydration;
  const driest = (h * totalG) / (per.water * (1 + h) + h * per.other);
  return {
    leastG: motherAt(mother, { fed, totalG, ratio: feed.thinnest }, pantry),
    mostG: Math.min(
      motherAt(mother, { fed, totalG, ratio: THICKEST }, pantry),
      per.water > 0 ? driest : Infinity,
    ),
  };
}

/** Flour to a gram of mother at the least. */
const THICKEST = 0.25;

/** Grams of flour, water and all else in a gram of a mother. */
function perGram(mother: Composition, pantry: Pantry) {
  const sum = totals(mother, pantry);
  if (!(sum.flourG > 0)) {
    throw new DomainError('mother-empty', tr`Mother: nothing is left in the jar.`, {});
  }
  const flour = sum.flourG / sum.massG;
  const water = sum.waterG / sum.massG;
  return { flour, water, other: 1 - flour - water };
}

/** Amounts rounded to what the scale shows, their sum kept. */
export function roundedAmounts(amounts: FeedAmounts, stepG: number): FeedAmounts {
  const lines = [amounts.motherG, amounts.waterG, ...amounts.flours.map((line) => line.massG)];
  const [motherG = 0, waterG = 0, ...floursG] = roundKeepingSum(lines, stepG);
  return {
    ...amounts,
    motherG,
    waterG,
    flours: amounts.flours.map((line, index) => ({ ...line, massG: floursG[index] ?? 0 })),
    flourG: floursG.reduce((sum, massG) => sum + massG, 0),
    totalG: motherG + waterG + floursG.reduce((sum, massG) => sum + massG, 0),
  };
}

/** The lines to weigh in beside the mother. */
export function weighedIn(amounts: FeedAmounts) {
  return [
    ...amounts.flours.filter((line) => line.massG > 0),
    ...(amounts.waterG > 0 ? [{ ingredientId: WATER, massG: amounts.waterG }] : []),
  ];
}

/** The scales of a shop. */
export interface Scales {
  readonly stepG: number;
  /** Step of the fine scale, for a few grams. */
  readonly fineStepG: number;
}

/** Steps of a scale’s reading that a weight should have at the least. */
const LEAST_STEPS = 20;

/** The step that a weight is weighed with: a few grams go on the fine scale. */
export function stepFor(massG: number, { stepG, fineStepG }: Scales): number {
  return massG < LEAST_STEPS * stepG ? Math.min(stepG, fineStepG) : stepG;
}
