import { tr } from '@/words/tr';
import type { RecipeLine } from './recipe-line';
import type { Ranged, RecipeSums } from './sums';

/** A claim beside the truth. */
export interface ClaimCompared {
  readonly of: string;
  readonly claimed: number;
  readonly truth: Ranged;
  readonly unit: 'share' | 'g';
  readonly agrees: boolean;
  /** Why they may differ; null where they agree. */
  readonly why: string | null;
}

/** Shares agree within half a point, or 6 % of a small one, weights within 1 %, beyond what spoons leave open. */
const SHARE_SLACK = { points: 0.005, ofShare: 0.06 } as const;
const MASS_SLACK = 0.01;

/** Everything a recipe says of itself, beside what its weights give. */
export function compareClaims(lines: readonly RecipeLine[], sums: RecipeSums): ClaimCompared[] {
  return lines.flatMap((line): ClaimCompared[] => {
    if (line.kind === 'claim') return claimed(line.claim, sums);
    if (line.kind === 'understood' && line.claimedShare !== null) {
      return lineShare(line.thing.kind, line.claimedShare, sums);
    }
    if (line.kind === 'percent' && sums.grams.get(line.index) === undefined) {
      return line.over === 'flour' ? lineShare(line.thing.kind, line.share, sums) : [];
    }
    return [];
  });
}

function claimed(
  claim: Extract<RecipeLine, { kind: 'claim' }>['claim'],
  sums: RecipeSums,
): ClaimCompared[] {
  if (claim.of === 'hydration') return [shareClaim('water', claim.share, sums.hydration, sums)];
  if (claim.of === 'salt') return [shareClaim('salt', claim.share, sums.saltShare, sums)];
  if (claim.of === 'dough') return [massClaim('dough', claim.massG, sums.doughG)];
  if (claim.weightG === null) return [];
  const { count } = claim;
  const each = (value: number) => value / count;
  const { value, low, high } = sums.doughG;
  const truth = { value: each(value), low: each(low), high: each(high) };
  return [massClaim(tr`each of ${count}`, claim.weightG, truth)];
}

const OF_KIND: Readonly<Partial<Record<string, keyof RecipeSums & string>>> = {
  water: 'hydration',
  salt: 'saltShare',
  oil: 'oilShare',
  sugar: 'sugarShare',
};

function lineShare(kind: string, share: number, sums: RecipeSums): ClaimCompared[] {
  const field = OF_KIND[kind];
  if (field === undefined) return [];
  return [shareClaim(kind, share, sums[field] as Ranged, sums)];
}

function shareClaim(of: string, share: number, truth: Ranged, sums: RecipeSums): ClaimCompared {
  const slack = Math.min(SHARE_SLACK.points, SHARE_SLACK.ofShare * share);
  const agrees = share >= truth.low - slack && share <= truth.high + slack;
  return { of, claimed: share, truth, unit: 'share', agrees, why: agrees ? null : why(of, sums) };
}

/** Why a per cent differs: most often the leaven was left out of it. */
function why(of: string, sums: RecipeSums): string {
  const { broughtFlourG, broughtWaterG, flourG, hydration } = sums;
  const round = (massG: number) => Math.round(massG);
  if (of === 'water') {
    const waterG = hydration.value * flourG.value;
    const counted = tr`${round(waterG)} of ${round(flourG.value)} g`;
    return broughtFlourG > 0
      ? tr`${counted}; without the leaven ${round(waterG - broughtWaterG)} of ${round(flourG.value - broughtFlourG)} g`
      : counted;
  }
  return tr`over all ${round(flourG.value)} g of flour`;
}

function massClaim(of: string, massG: number, truth: Ranged): ClaimCompared {
  const agrees = massG >= truth.low * (1 - MASS_SLACK) && massG <= truth.high * (1 + MASS_SLACK);
  const reason = tr`the weights give ${Math.round(truth.value)} g`;
  return { of, claimed: massG, truth, unit: 'g', agrees, why: agrees ? null : reason };
}
