import { blendFor, blendOf, type Blend, type FlourPart } from './blend';
import { absorptionOf, strengthOf, type Flour } from './flour';

/** What can stand in for a flour that has run out. */
export interface Substitute {
  readonly parts: readonly FlourPart[];
  readonly blend: Blend;
  /** Strength against the missing flour, W. */
  readonly strengthApartW: number;
  /** Water to add to the recipe for the same feel, over the flour exchanged; below 0: to take off. */
  readonly waterApart: number;
  /** Whole grain against the missing flour, over the flour exchanged. */
  readonly wholegrainApart: number;
}

/** Strength and whole grain are weighed against each other: 0.1 of whole grain counts like 40 W. Set. */
const W_PER_WHOLEGRAIN = 400;

/** The nearest blends of one or two of the flours at hand for a missing one, the nearest first. */
export function substitutesFor(missing: Flour, atHand: readonly Flour[]): Substitute[] {
  const others = atHand.filter((flour) => flour.id !== missing.id);
  const singles = others.map((flour) => [{ flourId: flour.id, share: 1 }]);
  const pairs = others.flatMap((first, index) =>
    others.slice(index + 1).flatMap((second) => {
      const answer = blendFor(first, second, { of: 'strength', value: strengthOf(missing) });
      if (answer.kind !== 'found') return [];
      return answer.parts.every((part) => part.share > 0.02) ? [answer.parts] : [];
    }),
  );
  return [...singles, ...pairs]
    .map((parts) => substitute(missing, parts, others))
    .sort((a, b) => distance(a) - distance(b));
}

function substitute(
  missing: Flour,
  parts: readonly FlourPart[],
  flours: readonly Flour[],
): Substitute {
  const blend = blendOf(parts, flours);
  return {
    parts,
    blend,
    strengthApartW: blend.strengthW - strengthOf(missing),
    waterApart: blend.absorption - absorptionOf(missing),
    wholegrainApart: blend.wholegrainShare - missing.wholegrainShare,
  };
}

const distance = (one: Substitute) =>
  Math.abs(one.strengthApartW) + W_PER_WHOLEGRAIN * Math.abs(one.wholegrainApart);
