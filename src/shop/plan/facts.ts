import { jarsAt } from './jar-at';
import { type DoughFacts } from '../doughs/facts';

import { type DoneAct } from '@/core/journal';
import { type Kitchen, type Needs, type PlanningShop, type Weights } from '@/core/planner/week';
import { RememberedLots } from '@/core/forecast';
/** What plans of a week rest on; plain data, so that the page’s worker can plan by itself. */
export interface PlanFacts {
  readonly dough: DoughFacts;
  readonly kitchen: Kitchen;
  /** What was done to the jars that leavens are taken from. */
  readonly done: readonly DoneAct[];
  readonly background: Needs;
  readonly weights: Weights;
}

/** The facts as the planner takes them. */
export function planningShop(facts: PlanFacts): PlanningShop {
  const { dough, done, background, weights, kitchen } = facts;
  return {
    kitchen,
    base: {
      nowMs: dough.nowMs,
      places: new Map(dough.places.map((place) => [place.id, place])),
      pantry: dough.pantry,
      steps: { scaleStepG: dough.scaleStepG, fineStepG: dough.fineStepG },
      mixers: kitchen.mixers,
      workingHours: dough.workingHours,
      timeZone: dough.timeZone,
      cultureSpeeds: dough.cultureSpeeds,
      done,
      jars: new RememberedLots(),
      stepH: PLANNING_STEP_H,
    },
    sourcesOf: ({ method }, demand) => jarsAt(method, dough.sources, demand),
    background,
    weights,
  };
}

/** Step of the runs where many plans are tried, h: 0.4 min of error. Source: model of ripening, §8. */
const PLANNING_STEP_H = 0.1;
