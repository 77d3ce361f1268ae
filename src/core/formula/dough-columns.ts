import { tr } from '@/words/tr';
import { massOf, mixCompositions, portion, type Composition, type Pantry } from '../composition';
import { DomainError, fromFreshEquivalentG, roundKeepingSum, roundToStep } from '../units';
import type { ScaleSteps } from './scale-steps';
import type { Dough, Leaven } from './dough';
import { SALT, WATER, yeastId } from './ids';
import { doughWeights } from './weights';
import { leavenWeights, type LeavenWeights } from './leaven-weights';
import { weighDose, type WeighedDose } from './yeast-dose';

/** Less yeast than this is none, g. */
const LEAST_DOSE_G = 0.001;

/** A line to weigh. */
export interface WeighLine {
  readonly ingredientId: string;
  readonly massG: number;
}

/** A leaven as it is weighed. */
export interface LeavenColumn {
  readonly leaven: Leaven;
  /** Everything in it, its seed’s flour and water counted, g. */
  readonly composition: Composition;
  readonly totalG: number;
  /** What is weighed into the build; empty for one that is taken as it is. */
  readonly weigh: readonly WeighLine[];
  /** Ripe seed to weigh in, g; 0 for one without. */
  readonly seedG: number;
  /** Its dose as the scale can weigh it; null for one without yeast. */
  readonly yeast: WeighedDose | null;
}

/** One ingredient across the columns, g as weighed. */
export interface DoughRow {
  readonly ingredientId: string;
  readonly wholeG: number;
  readonly leavensG: readonly number[];
  readonly finalG: number;
}

/** A dough as it is weighed: whole = leavens + final mix, row by row and in all. */
export interface DoughColumns {
  readonly rows: readonly DoughRow[];
  readonly leavens: readonly LeavenColumn[];
  /** Yeast of the final mix; null for none. */
  readonly finalYeast: WeighedDose | null;
  readonly flourG: number;
  readonly waterG: number;
  readonly wholeG: number;
  readonly finalG: number;
}

/**
 * The columns in weighable grams. The leavens are rounded first, what remains of the whole is rounded with its sum
 * kept, and the whole is the sum of what is weighed: nothing can disagree by a gram, and the dough is within one step.
 * @param flourG all flour of the dough, g
 * @throws {DomainError} leaven-exceeds-dough, seed-too-wet, ingredient-unknown
 */
export function doughColumns(
  dough: Dough,
  flourG: number,
  steps: ScaleSteps,
  pantry: Pantry,
): DoughColumns {
  const weights = doughWeights(dough, flourG, pantry);
  const leavens = weights.leavens.map((one) => leavenColumn(dough, one, steps));
  const yeast = yeastId(dough.yeast.type);
  const inLeavens = mixCompositions(leavens.map((one) => one.composition));
  const entries = Object.entries(weights.whole).filter(([id]) => id !== yeast);
  const finals = finalGrams(entries, inLeavens, steps);
  const finalYeast = yeastColumn(dough, flourG, finals.get(WATER) ?? 0, steps);
  const rows = [
    ...entries.map(([ingredientId]) => row(ingredientId, finals.get(ingredientId) ?? 0, leavens)),
    row(yeast, finalYeast?.weighedG ?? 0, leavens),
    // A dough without salt shows that it has none.
    ...(weights.whole[SALT] === undefined ? [row(SALT, 0, leavens)] : []),
  ].filter((one) => one.wholeG > 0 || one.ingredientId === SALT);
  const sum = (of: (one: DoughRow) => number) => tidy(rows.reduce((all, one) => all + of(one), 0));
  const flourSum = rows
    .filter((one) => pantry.get(one.ingredientId)?.kind === 'flour')
    .reduce((all, one) => all + one.wholeG, 0);
  return {
    rows: inOrder(rows, dough),
    leavens,
    finalYeast,
    flourG: tidy(flourSum),
    waterG: tidy(rows.find((one) => one.ingredientId === WATER)?.wholeG ?? 0),
    wholeG: sum((one) => one.wholeG),
    finalG: sum((one) => one.finalG),
  };
}

/** The column of one leaven of a dough alone, for so much flour of the whole; null where it has none of that id. */
export function leavenColumnAlone(
  dough: Dough,
  leavenId: string,
  flourG: number,
  scale: { readonly steps: ScaleSteps; readonly pantry: Pantry },
): LeavenColumn | null {
  const leaven = dough.leavens.find((one) => one.id === leavenId);
  if (leaven === undefined) return null;
  return leavenColumn(dough, leavenWeights(dough, leaven, flourG, scale.pantry), scale.steps);
}

/** Final grams: what the rounded leavens leave of the whole, on the scale; small things on the fine one. */
function finalGrams(
  entries: readonly (readonly [string, number])[],
  inLeavens: Composition,
  steps: ScaleSteps,
): Map<string, number> {
  const left = entries.map(([id, massG]) => {
    const leftG = massG - (inLeavens[id] ?? 0);
    return [id, isResidue(leftG, massG, steps) ? 0 : leftG] as const;
  });
  const coarse = left.filter(([, massG]) => !isFine(massG, steps));
  const rounded = roundKeepingSum(
    coarse.map(([, massG]) => massG),
    steps.scaleStepG,
  );
  return new Map([
    ...coarse.map(([id], index) => [id, rounded[index] ?? 0] as const),
    ...left
      .filter(([, massG]) => isFine(massG, steps))
      .map(([id, massG]) => [id, roundToStep(massG, steps.fineStepG)] as const),
  ]);
}

/** Less than half a step left of what all but goes into the leavens is what their rounding left, and is not weighed. */
const isResidue = (leftG: number, massG: number, steps: ScaleSteps) =>
  leftG < 0 || (leftG < steps.scaleStepG / 2 && !isFine(massG, steps) && leftG < massG / 20);

/** Under twenty steps of the scale a thing is weighed on the fine one: half a step is then 2.5 % at most. */
const isFine = (massG: number, steps: ScaleSteps) =>
  massG < 20 * steps.scaleStepG && steps.fineStepG < steps.scaleStepG;

function row(ingredientId: string, finalG: number, leavens: readonly LeavenColumn[]): DoughRow {
  const leavensG = leavens.map((one) => one.composition[ingredientId] ?? 0);
  return {
    ingredientId,
    finalG,
    leavensG,
    wholeG: tidy(finalG + leavensG.reduce((a, b) => a + b, 0)),
  };
}

/** Flours first, then water, then what else, salt and oil, yeast last: the order of the formula. */
function inOrder(rows: readonly DoughRow[], dough: Dough): DoughRow[] {
  const added = new Set(dough.added.map((one) => one.ingredientId));
  const flours = dough.flours.map((part) => part.flourId);
  const rank = (id: string) =>
    flours.includes(id)
      ? flours.indexOf(id) - 20
      : id === WATER
        ? 0
        : added.has(id)
          ? 1
          : id === SALT
            ? 2
            : id.startsWith('yeast-')
              ? 4
              : 3;
  return [...rows].sort((a, b) => rank(a.ingredientId) - rank(b.ingredientId));
}

function leavenColumn(dough: Dough, weights: LeavenWeights, steps: ScaleSteps): LeavenColumn {
  const { leaven } = weights;
  const yeast = yeastId(dough.yeast.type);
  const { [yeast]: yeastG = 0, ...plain } = weights.composition;
  if (leaven.made.by === 'taken') {
    const composition = rounded(plain, steps.scaleStepG);
    return { leaven, composition, totalG: massOf(composition), weigh: [], seedG: 0, yeast: null };
  }
  if (leaven.made.by === 'yeast') {
    const { grams, flourG } = onItsFlour(plain, leaven, steps);
    const doseShare = leaven.made.freshShare;
    const dose =
      yeastG < LEAST_DOSE_G
        ? null
        : doseOf({ doseShare, flourG, waterG: grams[WATER] ?? 0 }, dough, steps);
    const composition = dose === null ? grams : { ...grams, [yeast]: dose.weighedG };
    return {
      leaven,
      composition,
      totalG: tidy(massOf(composition)),
      weigh: lines(composition),
      seedG: 0,
      yeast: dose,
    };
  }
  return seededColumn(weights, steps);
}

/** Yeast of the final mix on the fine scale, or from a stock; null for none. */
function yeastColumn(dough: Dough, flourG: number, waterG: number, steps: ScaleSteps) {
  const doseG = fromFreshEquivalentG(dough.yeast.freshShare * flourG, dough.yeast.type);
  if (doseG < LEAST_DOSE_G) return null;
  return weighDose({
    doseG,
    stepG: steps.fineStepG,
    waterStepG: steps.scaleStepG,
    waterG: Math.max(0.001, waterG),
  });
}

function doseOf(
  of: { readonly doseShare: number; readonly flourG: number; readonly waterG: number },
  dough: Dough,
  steps: ScaleSteps,
) {
  return weighDose({
    doseG: fromFreshEquivalentG(of.doseShare * of.flourG, dough.yeast.type),
    stepG: steps.fineStepG,
    waterStepG: steps.scaleStepG,
    waterG: Math.max(0.001, of.waterG),
  });
}

/** A build from a seed: the seed rounded first, then flour and water of the build. */
function seededColumn(weights: LeavenWeights, steps: ScaleSteps): LeavenColumn {
  const { leaven, seed } = weights;
  const wantedG = massOf(seed);
  const step = isFine(wantedG, steps) ? steps.fineStepG : steps.scaleStepG;
  const seedG = Math.max(step, roundToStep(wantedG, step));
  const scaled = portion(seed, Math.min(wantedG, seedG)).taken;
  const factor = massOf(scaled) > 0 ? seedG / massOf(scaled) : 0;
  const brought = roundedTo(
    Object.fromEntries(Object.entries(scaled).map(([id, massG]) => [id, massG * factor])),
    step,
    seedG,
  );
  const build = Object.fromEntries(
    Object.entries(weights.composition).map(([id, massG]) => [id, massG - (brought[id] ?? 0)]),
  );
  if ((build[WATER] ?? 0) < -0.5) {
    throw new DomainError(
      'seed-too-wet',
      tr`${leaven.name}: its seed brings more water than it is to have. Allowed: less seed, or a stiffer one.`,
      { leavenId: leaven.id },
    );
  }
  const weighed = rounded(
    Object.fromEntries(Object.entries(build).map(([id, massG]) => [id, Math.max(0, massG)])),
    steps.scaleStepG,
  );
  const composition = mixCompositions([weighed, brought]);
  return {
    leaven,
    composition,
    totalG: tidy(massOf(composition)),
    weigh: lines(weighed),
    seedG,
    yeast: null,
  };
}

const lines = (composition: Composition): WeighLine[] =>
  Object.entries(composition)
    .filter(([, massG]) => massG > 0)
    .map(([ingredientId, massG]) => ({ ingredientId, massG }));

/** Flours on the scale with their sum kept, and water and what is added in their own proportion to them. */
function onItsFlour(composition: Composition, leaven: Leaven, steps: ScaleSteps) {
  const added = new Set((leaven.added ?? []).map((one) => one.ingredientId));
  const entries = Object.entries(composition);
  const flours = entries.filter(([id]) => id !== WATER && !added.has(id));
  const exactG = flours.reduce((sum, [, massG]) => sum + massG, 0);
  const ofFlours = rounded(Object.fromEntries(flours), steps.scaleStepG);
  const flourG = massOf(ofFlours);
  const perFlour = flourG / exactG;
  const others = entries.filter(([id]) => added.has(id));
  const ofOthers = Object.fromEntries(
    others.map(([id, massG]) => {
      const step = isFine(massG, steps) ? steps.fineStepG : steps.scaleStepG;
      return [id, roundToStep(massG * perFlour, step)];
    }),
  );
  const waterG = roundToStep((composition[WATER] ?? 0) * perFlour, steps.scaleStepG);
  return { grams: { ...ofFlours, ...ofOthers, [WATER]: waterG }, flourG };
}

/** Every part on the scale, the sum kept. */
function rounded(composition: Composition, stepG: number): Composition {
  const ids = Object.keys(composition);
  const masses = roundKeepingSum(Object.values(composition), stepG);
  return Object.fromEntries(ids.map((id, index) => [id, masses[index] ?? 0]));
}

/** Parts on a step that add up to a given sum, itself on the step. */
function roundedTo(composition: Composition, stepG: number, sumG: number): Composition {
  const grams = rounded(composition, stepG);
  const first = Object.keys(grams)[0];
  if (first === undefined) return grams;
  return { ...grams, [first]: tidy((grams[first] ?? 0) + sumG - massOf(grams)) };
}

const tidy = (massG: number) => Math.round(massG * 1e6) / 1e6;
