import type { FlourPart } from '../flour';
import type { Dough, Leaven } from './dough';
import { leavenOf } from './exchange';

/** Less of a flour than this is none, as a share of all flour. */
const NONE = 1e-9;

/**
 * A leaven with a flour of its own, or with the dough’s own blend again. Its share of the flour stays, the flours of
 * the final mix stay in their proportion, and the whole dough’s blend follows: a wholemeal poolish of a fifth makes a
 * white dough one of 80 : 20.
 * @param flourId its flour; null: the dough’s own blend
 * @throws {DomainError} leaven-unknown
 */
export function withLeavenFlour(dough: Dough, leavenId: string, flourId: string | null): Dough {
  return withLeavenFlours(dough, leavenId, flourId === null ? null : [{ flourId, share: 1 }]);
}

/**
 * As {@link withLeavenFlour}, for a blend of its own.
 * @throws {DomainError} leaven-unknown
 */
export function withLeavenFlours(
  dough: Dough,
  leavenId: string,
  flours: readonly FlourPart[] | null,
): Dough {
  const leaven = leavenOf(dough, leavenId);
  const leavens = dough.leavens.map((one) =>
    one.id === leaven.id ? { ...one, flours: flours === null ? null : [...flours] } : one,
  );
  const final = lessLeavens(dough.flours, dough.leavens);
  const ofBlend = blendShare(leavens);
  // All of the flour is in leavens of the dough’s own blend: there is nothing to follow.
  if (ofBlend > 1 - NONE) return { ...dough, leavens };
  const parts = new Map(final);
  for (const one of leavens) {
    for (const part of one.flours ?? []) {
      add(parts, part.flourId, part.share * one.flourShare);
    }
  }
  return { ...dough, leavens, flours: asShares(parts, dough.flours) };
}

/** What share of all flour is in leavens of the dough’s own blend. */
const blendShare = (leavens: readonly Leaven[]) =>
  leavens.reduce((sum, one) => sum + (one.flours === null ? one.flourShare : 0), 0);

/** Flour of the final mix, over all flour. */
function lessLeavens(whole: readonly FlourPart[], leavens: readonly Leaven[]): Map<string, number> {
  const outside = 1 - blendShare(leavens);
  const parts = new Map(whole.map((part) => [part.flourId, part.share * outside]));
  for (const one of leavens) {
    for (const part of one.flours ?? []) add(parts, part.flourId, -part.share * one.flourShare);
  }
  return new Map([...parts].map(([id, share]) => [id, Math.max(0, share)]));
}

function add(parts: Map<string, number>, id: string, share: number): void {
  parts.set(id, (parts.get(id) ?? 0) + share);
}

/** Shares that add up to one, without what is none; the blend as it was where nothing is left. */
function asShares(parts: Map<string, number>, before: readonly FlourPart[]): Dough['flours'] {
  const some = [...parts].filter(([, share]) => share > NONE);
  const all = some.reduce((sum, [, share]) => sum + share, 0);
  if (all <= NONE) return [...before];
  return some.map(([flourId, share]) => ({ flourId, share: share / all }));
}
