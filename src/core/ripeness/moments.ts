import { headingLevel, restedLevel, X, type Trajectory } from '../kinetics';
import { firstFall, firstRise, firstRiseByStrides, type Series } from './crossings';
import {
  AS_HIGH_AS_IT_GETS,
  SLACK_GLUTEN,
  type AgeRule,
  type RipenessRule,
  type TargetRule,
} from './rules';
import { quantity, rises, seriesOf } from './series-of';
import type { WindowOptions } from './options';

/** The moments of a lot in the order in which they come, hours; null where the run never gets there. */
export interface Moments {
  readonly youngH: number | null;
  readonly primeH: number | null;
  readonly bestH: number | null;
  readonly closesH: number | null;
  readonly pastH: number | null;
}

/** A mass that is never of any use. */
export const NEVER: Moments = {
  youngH: null,
  primeH: null,
  bestH: null,
  closesH: null,
  pastH: null,
};

/** Least target that leaves a window around it, × the volume just mixed. */
const LEAST_TARGET = 1.02;

/** The moments of a run by its rule. */
export function momentsOf(
  run: Trajectory,
  rule: Exclude<RipenessRule, AgeRule>,
  options: WindowOptions,
): Moments {
  return rule.by === 'target' && rule.holdsShape
    ? doughMoments(run, rule, options.targetRise)
    : leavenMoments(run, rule, options.targetRise);
}

/** A leaven is of use young, prime near the level it is heading for or at its target, and past by its hunger. */
function leavenMoments(
  run: Trajectory,
  rule: Exclude<RipenessRule, AgeRule>,
  own: number | undefined,
): Moments {
  const { model } = run.constants;
  const { atHunger, near } = readers(run, rule);
  const rested = seriesOf(run, (row) => restedLevel(run, row));
  const target = rule.by === 'target' ? targetLevels(rule, own) : null;
  const primeH = target === null ? near : earliest(firstRise(rested, target.opens), near);
  const bestH =
    target === null
      ? atHunger(model.bestHunger)
      : risenOrHungry(run, rested, target.best, { hunger: model.bestHunger, weight: 1 });
  const youngGas = model.youngGas * (rule.by === 'peak' ? rule.youngGas : 1);
  const youngH = firstRise(quantity(run, X.gasMade), youngGas);
  const closesH = atHunger(rule.closesHunger);
  return inOrder(
    {
      youngH: earliest(youngH, primeH),
      primeH,
      bestH,
      // A leaven does not close before it was prime.
      closesH: closesH === null || primeH === null ? closesH : Math.max(closesH, primeH),
      pastH: atHunger(rule.closesHunger + model.lateHunger),
    },
    earliest(youngH, primeH),
  );
}

/**
 * A dough opens at the rise it is seen to have, cold as it may be; what it would have on a bench closes it, for a cold one
 * is as far gone. It may go slack before it has risen. A day on the bench is no harm: a little hunger counts for nothing.
 */
function doughMoments(run: Trajectory, rule: TargetRule, own: number | undefined): Moments {
  const { atHunger, near } = readers(run, rule);
  const { opens, best, closes } = targetLevels(rule, own);
  const spent = { hunger: rule.closesHunger, weight: 2 };
  const slackH = firstFall(quantity(run, X.gluten), SLACK_GLUTEN);
  const rested = seriesOf(run, (row) => restedLevel(run, row));
  const primeH = earliest(firstRise(rises(run), opens), near);
  const bestH = risenOrHungry(run, rises(run), best, spent);
  const closesH =
    closes === null
      ? atHunger(rule.closesHunger)
      : risenOrHungry(run, rested, closes, { ...spent, firm: firmness(run) });
  return inOrder(
    {
      youngH: null,
      primeH,
      bestH,
      closesH: earliest(closesH, slackH),
      pastH: earliest(atHunger(rule.closesHunger + run.constants.model.lateHunger), slackH),
    },
    primeH,
  );
}

/** What both kinds of moment are read by: hours of hunger, and nearness to the level a mass is heading for. */
function readers(run: Trajectory, rule: Exclude<RipenessRule, AgeRule>) {
  const hunger = quantity(run, X.hunger);
  const heading = seriesOf(run, (row) => headingLevel(run, row));
  const share = rule.by === 'target' ? AS_HIGH_AS_IT_GETS : rule.opensShare;
  return {
    atHunger: (hours: number) => firstRise(hunger, hours),
    near: firstRiseByStrides(heading, share),
  };
}

/**
 * When a mass has got to a level, or has hungered, or a little of both: one whose top lies just under the level does not
 * take days longer than one that reaches it.
 */
function risenOrHungry(
  run: Trajectory,
  level: Series,
  wanted: number,
  by: { readonly hunger: number; readonly weight: number; readonly firm?: Series['at'] },
): number | null {
  const { firm = () => 1 } = by;
  const hunger = quantity(run, X.hunger);
  const done = seriesOf(
    run,
    (row) =>
      (hunger.at(row) / by.hunger) ** by.weight +
      (level.at(row) - 1) / ((wanted - 1) * Math.max(LEAST_FIRMNESS, firm(row))),
  );
  return firstRise(done, 1);
}

/** Gluten from which a dough bears all of its rise before it goes slack. Set. */
const FIRM_GLUTEN = 0.86;
const LEAST_FIRMNESS = 1e-3;

/** Share of its rise that a dough bears before it goes slack: less the weaker its gluten, none where it is too slack to open. */
function firmness(run: Trajectory): Series['at'] {
  const gluten = quantity(run, X.gluten);
  return (row) => Math.min(1, (gluten.at(row) - SLACK_GLUTEN) / (FIRM_GLUTEN - SLACK_GLUTEN));
}

/** The levels of a target rule, × the volume just mixed, with the baker's own target where there is one. */
function targetLevels(rule: TargetRule, own: number | undefined) {
  const best = own === undefined ? rule.target : Math.max(LEAST_TARGET, own);
  return {
    opens: 1 + rule.opensShare * (best - 1),
    best,
    closes: rule.closesShare === null ? null : 1 + rule.closesShare * (best - 1),
  };
}

/** Moments held in their order: what closes before it is of any use never was ripe. */
function inOrder(raw: Moments, firstH: number | null): Moments {
  const { youngH, primeH, closesH, pastH } = raw;
  if (firstH === null || (closesH !== null && closesH <= firstH)) return { ...NEVER, pastH };
  const late = closesH ?? Infinity;
  const prime = primeH !== null && primeH <= late ? primeH : null;
  return {
    youngH,
    primeH: prime,
    bestH: prime === null || raw.bestH === null ? null : Math.min(late, Math.max(raw.bestH, prime)),
    closesH,
    pastH: pastH === null || closesH === null ? null : Math.max(pastH, closesH),
  };
}

/** The earlier of two hours; null where neither comes. */
function earliest(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null ? a : Math.min(a, b);
}
