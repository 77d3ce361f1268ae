import type { Odds } from './odds';

/** What a plan costs beside its odds. */
export interface PlanCosts {
  readonly handsMin: number;
  readonly nightMoments: number;
  readonly moves: number;
  readonly discardG: number;
  /** Moments of one quarter of an hour are one trip to the kitchen. */
  readonly trips: number;
  /** Of the mix from the best of its leavens, min. */
  readonly offPeakMin: number;
}

/** How much each thing weighs, in points; a point is a hundredth of the odds. */
export interface Weights {
  readonly odds: number;
  readonly offPeakHour: number;
  readonly nightMoment: number;
  readonly move: number;
  readonly discard100G: number;
  readonly trip: number;
}

/** The three usual wishes. */
export const WISHES = {
  'sure dough': { odds: 1, offPeakHour: 4, nightMoment: 3, move: 0.3, discard100G: 0.5, trip: 0.2 },
  sleep: { odds: 0.6, offPeakHour: 2, nightMoment: 25, move: 0.3, discard100G: 0.5, trip: 0.5 },
  'little waste': {
    odds: 0.6,
    offPeakHour: 2,
    nightMoment: 3,
    move: 0.3,
    discard100G: 10,
    trip: 0.3,
  },
} as const satisfies Readonly<Record<string, Weights>>;
export type Wish = keyof typeof WISHES;

/** Points of a plan, the fewer the better: what its odds lack, then everything else by its weight. */
export function pointsOf(
  odds: Pick<Odds, 'leaven' | 'service'>,
  costs: PlanCosts,
  weights: Weights,
): number {
  const lacking = 100 * (1 - odds.service) + LEAVEN_PART * 100 * (1 - odds.leaven);
  return (
    weights.odds * lacking +
    weights.offPeakHour * (costs.offPeakMin / 60) +
    weights.nightMoment * costs.nightMoments +
    weights.move * costs.moves +
    weights.discard100G * (costs.discardG / 100) +
    weights.trip * costs.trips
  );
}
/** A leaven outside its window still makes pizza: it weighs half of a service that does not open. Set. */
const LEAVEN_PART = 0.5;
