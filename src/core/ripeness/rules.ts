import type { LotKind } from './kinds';

/** Ripe when it is near the level it is heading for, past when it has gone without sugar for long. */
interface HeadingRule {
  readonly by: 'peak';
  /** Share of the level it is heading for from which it is prime. */
  readonly opensShare: number;
  /** Hunger at which it is no longer prime, h at 22 °C. */
  readonly closesHunger: number;
  /** Gas it has to have made to be of use young, × the model’s: a biga’s flour has to be wetted through. */
  readonly youngGas: number;
}

/** Ripe at a target rise; opening and closing are placed around it as shares of (target − 1). */
export interface TargetRule {
  readonly by: 'target';
  readonly target: number;
  readonly opensShare: number;
  /** Null: closes by hunger alone. */
  readonly closesShare: number | null;
  readonly closesHunger: number;
  /** True where the gluten has to hold: doughs and balls. */
  readonly holdsShape: boolean;
}

/** Not ripe by anything it does: good for something from the start until it is too old. */
export interface AgeRule {
  readonly by: 'age';
  /** Hours it keeps at 22 °C. */
  readonly keepsH: number;
}

/** One row of the ripeness table. */
export type RipenessRule = HeadingRule | TargetRule | AgeRule;

/** Gluten integrity under which a dough is too slack to open. */
export const SLACK_GLUTEN = 0.6;
/** Share of the level it is heading for at which a mass that does not reach its target counts as there. */
export const AS_HIGH_AS_IT_GETS = 0.93;
/** How much faster discard goes off for ten degrees: a day on the bench, two weeks at 4 °C. Set. */
export const SPOILS_Q10 = 4.33;

const heading = (opensShare: number, closesHunger: number, youngGas = 1): HeadingRule => ({
  by: 'peak',
  opensShare,
  closesHunger,
  youngGas,
});
const target = (
  [opens, best, closes]: readonly [number, number, number | null],
  closesHunger: number,
  holdsShape = false,
): TargetRule => ({
  by: 'target',
  target: best,
  opensShare: (opens - 1) / (best - 1),
  closesShare: closes === null ? null : (closes - 1) / (best - 1),
  closesHunger,
  holdsShape,
});

/** One rule for each kind, warm and cold alike. Source: ripeness from the state alone, model of ripening §4b. */
const RULES: Readonly<Record<LotKind, RipenessRule>> = {
  poolish: heading(0.93, 0.22),
  sponge: target([0.9 * 3, 3, null], 0.22),
  biga: heading(0.96, 0.43, 1.25),
  starter: heading(0.9, 0.25),
  levain: heading(0.9, 0.25),
  'stiff starter': target([2.5, 3, null], 0.25),
  dough: target([0.9 * 1.5, 1.5, 3], 0.7, true),
  balls: target([1.6, 2, 2.6], 0.7, true),
  'carry-over': target([1.6, 2, 2.6], 0.7, true),
  // Discard on the bench is for today. Set: food codes and the nose come first.
  discard: { by: 'age', keepsH: 24 },
};

/** The row of the ripeness table for a kind of lot. */
export const ripenessRule = (kind: LotKind): RipenessRule => RULES[kind];
