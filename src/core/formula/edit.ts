import { tr } from '@/words/tr';
import type { Pantry } from '../composition';
import { DomainError, toFreshEquivalentG } from '../units';
import type { Dough } from './dough';
import { leavenOf } from './exchange';
import { OIL, SALT, WATER, yeastId } from './ids';
import { doughPerFlour, doughWeights } from './weights';

/** What stays when a figure of the formula is changed. */
export type Held = 'dough' | 'flour';

/** A figure of the formula, changed. */
export interface CellChange {
  readonly ingredientId: string;
  /** The whole dough, the final mix, or a leaven’s id. */
  readonly column: string;
  /** Share of all flour, or grams. */
  readonly as: 'share' | 'grams';
  readonly value: number;
}

/** A formula after a change, and the rule by which the rest followed. */
export interface Edited {
  readonly dough: Dough;
  readonly flourG: number;
  readonly gaveWay: 'other flours' | 'final mix' | 'flour' | 'dough weight';
}

const TURNS = 80;

/**
 * Changes one figure of a formula; the rest follows.
 * Held is the weight of the dough (then the flour gives way) or the flour (then the weight of the dough does). In a
 * leaven’s column the whole dough stays and the final mix gives way; a flour’s share is made up by the other flours.
 * @throws {DomainError} cell-unknown, cell-range, leaven-unknown, ingredient-unknown
 */
export function editDough(
  now: { readonly dough: Dough; readonly flourG: number; readonly held: Held },
  change: CellChange,
  pantry: Pantry,
): Edited {
  const { dough, flourG, held } = now;
  if (!Number.isFinite(change.value) || change.value < 0) {
    throw new DomainError(
      'cell-range',
      tr`${pantry.get(change.ingredientId)?.name ?? change.ingredientId}: ${change.value} is not possible. Allowed: 0 and above.`,
      { ...change },
    );
  }
  const inLeaven = change.column !== 'whole' && change.column !== 'final';
  const shareAt = (flour: number) => change.value / (change.as === 'grams' ? flour : 1);
  if (inLeaven) {
    return { dough: inLeavenColumn(dough, change, shareAt(flourG)), flourG, gaveWay: 'final mix' };
  }
  const apply = (flour: number) =>
    inWhole(dough, change.ingredientId, shareAt(flour) + broughtBy(dough, change, pantry), pantry);
  if (pantry.get(change.ingredientId)?.kind === 'flour') {
    return { dough: apply(flourG), flourG, gaveWay: 'other flours' };
  }
  if (held === 'flour') return { dough: apply(flourG), flourG, gaveWay: 'dough weight' };
  const doughG = flourG * doughPerFlour(dough, pantry);
  let flour = flourG;
  for (let i = 0; i < TURNS; i += 1) flour = doughG / doughPerFlour(apply(flour), pantry);
  return { dough: apply(flour), flourG: flour, gaveWay: 'flour' };
}

/** What the leavens bring of an ingredient over all flour: a figure of the final mix is so much less than the whole. */
function broughtBy(dough: Dough, change: CellChange, pantry: Pantry): number {
  return change.column === 'final' ? inLeavens(dough, change.ingredientId, pantry) : 0;
}

/** What the leavens hold of an ingredient, over all flour. */
function inLeavens(dough: Dough, ingredientId: string, pantry: Pantry): number {
  const { leavens } = doughWeights(dough, 1, pantry);
  return leavens.reduce((sum, one) => sum + (one.composition[ingredientId] ?? 0), 0);
}

/** True for what is added to the final mix or to a leaven. */
const isAdded = ({ added, leavens }: Dough, ingredientId: string) =>
  [added, ...leavens.map((one) => one.added ?? [])].some((lines) =>
    lines.some((line) => line.ingredientId === ingredientId),
  );

function inWhole(dough: Dough, ingredientId: string, share: number, pantry: Pantry): Dough {
  if (dough.flours.some((part) => part.flourId === ingredientId)) {
    return { ...dough, flours: floursWith(dough, ingredientId, share) };
  }
  if (ingredientId === WATER) return { ...dough, hydration: share + liquidWater(dough, pantry) };
  if (ingredientId === SALT) return { ...dough, saltShare: share };
  if (ingredientId === OIL) return { ...dough, oilShare: share };
  if (ingredientId === yeastId(dough.yeast.type)) {
    const inLeavens = dough.leavens.reduce(
      (sum, one) => sum + (one.made.by === 'yeast' ? one.made.freshShare * one.flourShare : 0),
      0,
    );
    const freshShare = toFreshEquivalentG(share, dough.yeast.type) - inLeavens;
    return { ...dough, yeast: { ...dough.yeast, freshShare: Math.max(0, freshShare) } };
  }
  if (isAdded(dough, ingredientId)) {
    const left = Math.max(0, share - inLeavens(dough, ingredientId, pantry));
    const others = dough.added.filter((one) => one.ingredientId !== ingredientId);
    if (others.length === dough.added.length) {
      return { ...dough, added: [...others, { ingredientId, share: left }] };
    }
    const added = dough.added.map((one) =>
      one.ingredientId === ingredientId ? { ...one, share: left } : one,
    );
    return { ...dough, added };
  }
  throw new DomainError('cell-unknown', tr`“${ingredientId}” is not in this dough.`, {
    ingredientId,
  });
}

/** Water that comes with liquids and sugars, over flour. */
function liquidWater(dough: Dough, pantry: Pantry): number {
  const { whole } = doughWeights({ ...dough, leavens: [] }, 1, pantry);
  return dough.hydration - (whole[WATER] ?? 0);
}

function floursWith(dough: Dough, flourId: string, wanted: number): Dough['flours'] {
  const share = Math.min(1, wanted);
  const others = dough.flours.filter((part) => part.flourId !== flourId);
  const rest = others.reduce((sum, part) => sum + part.share, 0);
  if (others.length === 0) return dough.flours;
  return dough.flours.map((part) => {
    if (part.flourId === flourId) return { ...part, share };
    const of = rest > 0 ? part.share / rest : 1 / others.length;
    return { ...part, share: (1 - share) * of };
  });
}

/** A figure in a leaven’s column: its flour, its water, or its yeast. */
function inLeavenColumn(dough: Dough, change: CellChange, share: number): Dough {
  const leaven = leavenOf(dough, change.column);
  const changed = (() => {
    if (change.ingredientId === WATER) return { ...leaven, hydration: share / leaven.flourShare };
    if (change.ingredientId === yeastId(dough.yeast.type) && leaven.made.by === 'yeast') {
      const fresh = toFreshEquivalentG(share, dough.yeast.type) / leaven.flourShare;
      return { ...leaven, made: { ...leaven.made, freshShare: fresh, typed: true } };
    }
    if (leaven.added?.some((one) => one.ingredientId === change.ingredientId) === true) {
      const added = leaven.added.map((one) =>
        one.ingredientId === change.ingredientId
          ? { ...one, share: share / leaven.flourShare }
          : one,
      );
      return { ...leaven, added };
    }
    const part = (leaven.flours ?? dough.flours).find((one) => one.flourId === change.ingredientId);
    if (part !== undefined && part.share > 0) return { ...leaven, flourShare: share / part.share };
    throw new DomainError(
      'cell-unknown',
      tr`${leaven.name}: “${change.ingredientId}” can not be changed there.`,
      { ...change },
    );
  })();
  return { ...dough, leavens: dough.leavens.map((one) => (one.id === leaven.id ? changed : one)) };
}
