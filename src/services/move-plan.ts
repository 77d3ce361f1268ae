import { isAct, type Act, type PlannedAct, type Tenses } from '@/core/journal';
import { bakeSteps, planBake, type Moments, type PlanRequest } from '@/core/planner';
import type { Bake } from '@/data';
import { movedOfMethod } from './move-method';
import type { MovedStep, MoveFacts } from './move-types';
import { done, refused, type Outcome } from './outcome';
import { noPlanSentence, type PlanningFacts } from './plan-request';

/** The role of a step within its bake. */
function roleOf(act: Act): 'poolish' | 'mix' | 'ball' | 'bake' | 'other' {
  if (isAct(act, 'make')) return act.lotKind === 'poolish' ? 'poolish' : 'mix';
  if (isAct(act, 'divide')) return 'ball';
  return isAct(act, 'use') ? 'bake' : 'other';
}

/**
 * A planned step at another hour, with what goes along: later steps of the dough follow the mix, and while the poolish
 * is not made its dose follows too.
 */
export function movedSteps(facts: MoveFacts, step: PlannedAct, atMs: number): Outcome<MovedStep[]> {
  const bake = facts.bakes.find((one) => one.id === step.bakeId);
  if (bake === undefined) return done([{ step, atMs, act: step.act }]);
  const planned = facts.folded.plan.filter((one) => one.bakeId === bake.id);
  if (bake.formula === null) return movedOfMethod(facts, planned, step, atMs);
  const moments = { ...momentsOf(facts.folded, bake) };
  const role = roleOf(step.act);
  if (role === 'poolish') moments.poolishAtMs = atMs;
  if (role === 'mix') {
    moments.ballAtMs += atMs - moments.mixAtMs;
    moments.mixAtMs = atMs;
  }
  if (role === 'ball') moments.ballAtMs = atMs;
  if (role === 'bake')
    return refused('at', 'The bake stays where it is. Plan another bake for another hour.');
  const wrong = outOfOrder(moments);
  if (wrong !== null) return refused('at', wrong);
  const poolishPlanned = planned.some((one) => roleOf(one.act) === 'poolish');
  if (poolishPlanned) return withDose(facts.planning, bake, planned, moments);
  return done(
    planned
      .map((one) => ({ one, toMs: momentOf(moments, roleOf(one.act)) ?? one.atMs }))
      .filter(({ one, toMs }) => toMs !== one.atMs)
      .map(({ one, toMs }) => ({ step: one, atMs: toMs, act: one.act })),
  );
}

function momentOf(moments: Moments, role: ReturnType<typeof roleOf>): number | null {
  if (role === 'poolish') return moments.poolishAtMs;
  if (role === 'mix') return moments.mixAtMs;
  return role === 'ball' ? moments.ballAtMs : null;
}

/** The moments of a bake as they stand: done where done, planned where planned. */
function momentsOf(
  folded: Tenses,
  bake: Bake,
): Moments & { poolishAtMs: number; mixAtMs: number; ballAtMs: number } {
  const acts = [...folded.done, ...folded.plan].filter((one) => one.bakeId === bake.id);
  const at = (role: ReturnType<typeof roleOf>) =>
    acts.find((one) => roleOf(one.act) === role)?.atMs ?? bake.readyFromMs;
  return {
    poolishAtMs: at('poolish'),
    mixAtMs: at('mix'),
    ballAtMs: at('ball'),
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
  };
}

function outOfOrder(moments: Moments): string | null {
  if (moments.mixAtMs <= moments.poolishAtMs)
    return 'Mix: it can not come before its poolish is made.';
  if (moments.ballAtMs <= moments.mixAtMs) return 'Ball: it can not come before the mix.';
  if (moments.ballAtMs >= moments.readyToMs)
    return 'Ball: the service would be over. Allowed: before its end.';
  return null;
}

/** Re-plans with every moment held, so that the dose makes the poolish best at the mix again. */
function withDose(
  facts: PlanningFacts,
  bake: Bake,
  planned: readonly PlannedAct[],
  moments: Moments,
): Outcome<MovedStep[]> {
  if (bake.formula === null) return done([]);
  const request: PlanRequest = {
    formula: bake.formula,
    name: bake.name,
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
    poolishPlaceId: bake.poolishPlaceId,
    doughPlaceId: bake.doughPlaceId,
    held: moments,
    nowMs: facts.nowMs,
    places: new Map(facts.places.map((place) => [place.id, place])),
    pantry: facts.pantry,
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    workingHours: facts.workingHours,
    timeZone: facts.timeZone,
    cultureSpeeds: facts.cultureSpeeds,
    withBands: false,
  };
  const plan = planBake(request);
  if (plan.kind === 'infeasible') {
    return refused('at', noPlanSentence(plan, facts.timeZone, facts.nowMs));
  }
  const lots = lotsOf(planned);
  const steps = bakeSteps(request, plan.moments, plan.columns, lots);
  return done(
    steps.flatMap((fresh) => {
      const old = planned.find((one) => roleOf(one.act) === roleOf(fresh.act));
      return old === undefined ? [] : [{ step: old, atMs: fresh.atMs, act: fresh.act }];
    }),
  );
}

function lotsOf(planned: readonly PlannedAct[]) {
  const lots = { poolishId: '', doughId: '', ballsId: '' };
  for (const { act } of planned) {
    if (isAct(act, 'make')) lots[act.lotKind === 'poolish' ? 'poolishId' : 'doughId'] = act.lotId;
    if (isAct(act, 'divide')) lots.ballsId = act.ballsLotId;
  }
  return lots;
}
