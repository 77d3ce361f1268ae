import type { PlannedAct } from '@/core/journal';
import { movedOfBake } from './moved-of-bake';
import type { MovedStep, MoveFacts } from './types';
import { done, type Outcome } from '../outcome';

/** A planned step at another hour, with what goes along: of a bake the steps that follow from it, else it alone. */
export function movedSteps(facts: MoveFacts, step: PlannedAct, atMs: number): Outcome<MovedStep[]> {
  const bake = facts.bakes.find((one) => one.id === step.bakeId);
  if (bake === undefined) return done([{ step, atMs, act: step.act }]);
  const planned = facts.folded.plan.filter((one) => one.bakeId === bake.id);
  return movedOfBake(facts, planned, step, atMs);
}
