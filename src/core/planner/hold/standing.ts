import type { LotForecast } from '../../forecast';
import { isAct } from '../../journal';
import type { BakeStep } from '../bake-step';
import { forecastActs } from '../forecast-acts';
import { inProgressOf, oddsInSteps, type Odds, type OddsQuestion } from '../week/odds';
import { changedSteps, holdShop } from './hold-stage';
import type { HoldQuestion } from './hold-types';

/**
 * The odds of a planned bake as it stands, one drawn truth at a time; the same figure that every move of it is held
 * against. Null where no balls of it are planned.
 */
export function* oddsAsItStands(question: HoldQuestion): Generator<undefined, Odds | null> {
  const steps = changedSteps(question, []);
  if (!question.plan.some(({ act }) => isAct(act, 'use'))) return null;
  const shop = holdShop(question);
  return yield* oddsInSteps(standing(question, steps, forecastActs(shop, steps)), shop);
}

/** What is asked of steps of a bake: its balls ready through its service. */
export function standing(
  question: HoldQuestion,
  steps: readonly BakeStep[],
  lots: ReadonlyMap<string, LotForecast>,
): OddsQuestion {
  return {
    steps,
    leavens: [],
    pieces: steps.flatMap(({ atMs, act }) =>
      isAct(act, 'use') ? [{ lotId: act.lotId, fromMs: atMs, toMs: act.untilMs }] : [],
    ),
    readyFromMs: question.readyFromMs,
    readyToMs: question.readyToMs,
    draws: question.draws,
    inProgress: inProgressOf(lots, question.plan),
  };
}
