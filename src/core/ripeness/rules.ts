import type { Handling, LotKind } from './kinds';

/** Ripe by the fall of its own predicted peak: opens and closes at a share of the greatest rise. */
export interface PeakRule {
  readonly by: 'peak';
  readonly shareOfPeak: number;
}

/** Ripe at a target rise; opening and closing are placed around it as shares of (target − 1). */
export interface TargetRule {
  readonly by: 'target';
  readonly target: number;
  readonly opensShare: number;
  /** Null: closes by falling under `shareOfPeak` after its peak instead. */
  readonly closesShare: number | null;
  readonly shareOfPeak: number;
}

/** No peak: usable from some gas produced until exhaustion or a limit. */
export interface StretchRule {
  readonly by: 'stretch';
  readonly opensGas: number;
  /** Gas produced at which it closes, ml/g; null: at exhaustion. */
  readonly closesGas: number | null;
}

/** Not ripe by anything it does: good for something from the start until it is too old. */
export interface AgeRule {
  readonly by: 'age';
  readonly keepsH: number;
}

/** One row of the ripeness table. */
export type RipenessRule = PeakRule | TargetRule | StretchRule | AgeRule;

/** Gluten integrity under which a dough is too slack to open. */
export const SLACK_GLUTEN = 0.6;
/** pH under which a lot kept cold is too sour to use as a leaven. Set, wide doubt. */
export const SOUR_PH = 3.7;

const peak = (shareOfPeak: number): PeakRule => ({ by: 'peak', shareOfPeak });
const stretch = (closesGas: number | null): StretchRule => ({
  by: 'stretch',
  opensGas: 2.5,
  closesGas,
});
const target = (opens: number, best: number, closes: number | null): TargetRule => ({
  by: 'target',
  target: best,
  opensShare: (opens - 1) / (best - 1),
  closesShare: closes === null ? null : (closes - 1) / (best - 1),
  shareOfPeak: 0.93,
});

/** Rules at room temperature. Source: ripeness table of the model of ripening, §4. */
const AT_ROOM: Readonly<Record<LotKind, RipenessRule>> = {
  poolish: peak(0.93),
  sponge: target(0.9 * 3, 3, null),
  biga: peak(0.95),
  starter: peak(0.9),
  levain: peak(0.9),
  'stiff starter': target(2.5, 3, null),
  dough: target(0.9 * 1.5, 1.5, null),
  balls: target(1.6, 2, 2.6),
  'carry-over': target(1.6, 2, 2.6),
  // Discard on the bench is for today. Set: food codes and the nose come first.
  discard: { by: 'age', keepsH: 24 },
};

/** Discard in the fridge keeps two weeks. Set: food codes and the nose come first. */
const COLD_DISCARD: AgeRule = { by: 'age', keepsH: 14 * 24 };

/** Balls and doughs that were cold and stand warm again. */
const TEMPERED = target(1.5, 1.8, 2.4);
/** CO2 after which a cold biga is past, ml/g. */
const COLD_BIGA_CLOSES = 13.7;

/** The row of the ripeness table for a kind of lot and its keeping. */
export function ripenessRule(kind: LotKind, handling: Handling): RipenessRule {
  if (handling === 'tempered' && (kind === 'balls' || kind === 'dough')) return TEMPERED;
  if (handling !== 'cold') return AT_ROOM[kind];
  if (kind === 'discard') return COLD_DISCARD;
  if (kind === 'biga') return stretch(COLD_BIGA_CLOSES);
  if (kind === 'balls' || kind === 'dough' || kind === 'carry-over') return AT_ROOM[kind];
  return stretch(null);
}
