import { tr } from '@/words/tr';
import { DomainError } from '../units';
import { absorptionOf, strengthOf, STRENGTH_SD, isEstimated, type Flour } from './flour';

/** A part of a blend. */
export interface FlourPart {
  readonly flourId: string;
  /** Over the flour of the blend, 0–1; the parts add up to 1. */
  readonly share: number;
}

/** What a blend of flours is. */
export interface Blend {
  readonly strengthW: number;
  /** One sd of the strength, from the parts whose W is estimated, W. */
  readonly strengthSd: number;
  /** Null where a part's protein is not known. */
  readonly proteinShare: number | null;
  readonly wholegrainShare: number;
  readonly absorption: number;
  /** Null where a part's ash is not known. */
  readonly ashShare: number | null;
}

/**
 * The blend that parts make, weighted by flour.
 * @throws {DomainError} flour-unknown
 */
export function blendOf(parts: readonly FlourPart[], flours: readonly Flour[]): Blend {
  const known = parts.map(({ flourId, share }) => ({ flour: named(flourId, flours), share }));
  const mean = (of: (flour: Flour) => number) =>
    known.reduce((sum, { flour, share }) => sum + share * of(flour), 0);
  const knownMean = (of: (flour: Flour) => number | null) =>
    known.some(({ flour, share }) => share > 0 && of(flour) === null)
      ? null
      : mean((flour) => of(flour) ?? 0);
  const variance = known
    .filter(({ flour }) => isEstimated(flour))
    .reduce((sum, { share }) => sum + (share * STRENGTH_SD) ** 2, 0);
  return {
    strengthW: mean(strengthOf),
    strengthSd: Math.sqrt(variance),
    proteinShare: knownMean((flour) => flour.proteinShare),
    wholegrainShare: mean((flour) => flour.wholegrainShare),
    absorption: mean(absorptionOf),
    ashShare: knownMean((flour) => flour.ashShare ?? null),
  };
}

function named(flourId: string, flours: readonly Flour[]): Flour {
  const flour = flours.find((one) => one.id === flourId);
  if (flour === undefined) {
    throw new DomainError('flour-unknown', tr`Flour: “${flourId}” is not in the shop.`, {
      flourId,
    });
  }
  return flour;
}

/** What a blend of two flours is wanted for. */
export interface BlendWish {
  readonly of: 'strength' | 'protein' | 'wholegrain';
  /** W for strength, g per g for protein and whole grain. */
  readonly value: number;
}

/** The shares that give it, or what two flours can give at most. */
export type BlendAnswer =
  | { readonly kind: 'found'; readonly parts: readonly FlourPart[]; readonly blend: Blend }
  | { readonly kind: 'unknown'; readonly flourName: string }
  | { readonly kind: 'out of reach'; readonly least: number; readonly most: number };

const VALUE_OF: Readonly<Record<BlendWish['of'], (flour: Flour) => number | null>> = {
  strength: strengthOf,
  protein: (flour) => flour.proteinShare,
  wholegrain: (flour) => flour.wholegrainShare,
};

/** What a flour has of what a blend is wanted for: W, or g per g; null where it is not known. */
export const blendValue = (flour: Flour, of: BlendWish['of']): number | null => VALUE_OF[of](flour);

/**
 * Shares of two flours so that their blend has a wanted strength, protein or whole grain: the mean by weight.
 * share of the second = (wanted − first) / (second − first).
 */
export function blendFor(first: Flour, second: Flour, wish: BlendWish): BlendAnswer {
  const value = VALUE_OF[wish.of];
  const [a, b] = [value(first), value(second)];
  if (a === null) return { kind: 'unknown', flourName: first.name };
  if (b === null) return { kind: 'unknown', flourName: second.name };
  const [least, most] = [Math.min(a, b), Math.max(a, b)];
  if (!(wish.value >= least - 1e-9 && wish.value <= most + 1e-9)) {
    return { kind: 'out of reach', least, most };
  }
  const share = Math.abs(b - a) < 1e-12 ? 0 : Math.min(1, Math.max(0, (wish.value - a) / (b - a)));
  const parts = [
    { flourId: first.id, share: 1 - share },
    { flourId: second.id, share },
  ];
  return { kind: 'found', parts, blend: blendOf(parts, [first, second]) };
}
