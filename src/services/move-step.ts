import { isAct, type Act, type PlannedAct } from '@/core/journal';
import { bakeSteps, planBake, type Moments, type PlanRequest } from '@/core/planner';
import { z } from '@/core/parse';
import { fromLocalText, MS_PER_MINUTE } from '@/core/units';
import { addEntries, oneBake, type Bake } from '@/data';
import type { ShopContext } from './context';
import { batchOf, replaceDraft, type EntryDraft } from './entries';
import { planningFacts } from './new-bake';
import { done, refused, type Outcome } from './outcome';
import { parseForm, refusing } from './parse-form';
import { noPlanSentence } from './plan-request';
import { loadShop, type ShopState } from './shop-state';

const moveFormSchema = z.object({
  stepId: z.string().min(1),
  batch: z.string().min(8).max(80),
  at: z.string().min(1),
});

/** Moves a planned step to another hour. Later steps of the dough follow the mix; while the poolish is not made, its dose follows too. */
export function moveStep(context: ShopContext, form: unknown): Outcome<{ batch: string }> {
  const parsed = parseForm(moveFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const { batch } = parsed.value;
    const step = state.folded.plan.find((one) => one.stepId === parsed.value.stepId);
    if (step === undefined) return refused(null, 'This step was done or withdrawn already.');
    const atMs = fromLocalText(parsed.value.at, state.shop.timeZone);
    if (atMs < state.nowMs - MS_PER_MINUTE) {
      return refused(
        'at',
        `Move to: ${parsed.value.at.replace('T', ' ')} has passed. Allowed: from now on.`,
      );
    }
    const drafts =
      step.bakeId === null
        ? done([replaceDraft(step, atMs, step.act)])
        : moveInBake(context, state, step, atMs);
    if (!drafts.ok) return drafts;
    addEntries(context.db, batchOf(context, batch, drafts.value));
    return done({ batch });
  });
}

/** The role of a step within its bake. */
function roleOf(act: Act): 'poolish' | 'mix' | 'ball' | 'bake' | 'other' {
  if (isAct(act, 'make')) return act.lotKind === 'poolish' ? 'poolish' : 'mix';
  if (isAct(act, 'divide')) return 'ball';
  return isAct(act, 'use') ? 'bake' : 'other';
}

function moveInBake(
  context: ShopContext,
  state: ShopState,
  step: PlannedAct,
  atMs: number,
): Outcome<EntryDraft[]> {
  const bake = oneBake(context.db, step.bakeId as string);
  const planned = state.folded.plan.filter((one) => one.bakeId === bake.id);
  const moments = { ...momentsOf(state, bake) };
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
  if (poolishPlanned) return withDose(context, bake, planned, moments);
  return done(
    planned
      .map((one) => ({ one, toMs: momentOf(moments, roleOf(one.act)) ?? one.atMs }))
      .filter(({ one, toMs }) => toMs !== one.atMs)
      .map(({ one, toMs }) => replaceDraft(one, toMs, one.act)),
  );
}

function momentOf(moments: Moments, role: ReturnType<typeof roleOf>): number | null {
  if (role === 'poolish') return moments.poolishAtMs;
  if (role === 'mix') return moments.mixAtMs;
  return role === 'ball' ? moments.ballAtMs : null;
}

/** The moments of a bake as they stand: done where done, planned where planned. */
function momentsOf(
  state: ShopState,
  bake: Bake,
): Moments & { poolishAtMs: number; mixAtMs: number; ballAtMs: number } {
  const acts = [...state.folded.done, ...state.folded.plan].filter((one) => one.bakeId === bake.id);
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
  context: ShopContext,
  bake: Bake,
  planned: readonly PlannedAct[],
  moments: Moments,
): Outcome<EntryDraft[]> {
  const state = loadShop(context);
  const facts = planningFacts(context, state);
  const request: PlanRequest = {
    formula: bake.formula,
    name: bake.name,
    readyFromMs: bake.readyFromMs,
    readyToMs: bake.readyToMs,
    poolishPlaceId: bake.poolishPlaceId,
    doughPlaceId: bake.doughPlaceId,
    held: moments,
    nowMs: state.nowMs,
    places: state.placeMap,
    pantry: state.pantry,
    steps: { scaleStepG: facts.scaleStepG, fineStepG: facts.fineStepG },
    workingHours: facts.workingHours,
    timeZone: facts.timeZone,
    cultureSpeeds: facts.cultureSpeeds,
    withBands: false,
  };
  const plan = planBake(request);
  if (plan.kind === 'infeasible') {
    return refused('at', noPlanSentence(plan, state.shop.timeZone, state.nowMs));
  }
  const lots = lotsOf(planned);
  const steps = bakeSteps(request, plan.moments, plan.columns, lots);
  return done(
    steps.flatMap((fresh) => {
      const old = planned.find((one) => roleOf(one.act) === roleOf(fresh.act));
      return old === undefined ? [] : [replaceDraft(old, fresh.atMs, fresh.act)];
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
