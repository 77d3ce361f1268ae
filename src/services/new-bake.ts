import type { PlaceHistory } from '@/core/forecast';
import type { Act } from '@/core/journal';
import { bakeSteps, planBake, type BakeLots, type BakePlan } from '@/core/planner';
import { MS_PER_HOUR } from '@/core/units';
import { addBake, addPlaceSetting, type Bake } from '@/data';
import { bakeFormSchema, formulaOf, type BakeForm } from './bake-form';
import type { ShopContext } from './context';
import { freshCodes } from './lot-codes';
import { done, refused, type Outcome } from './outcome';
import { parseForm, refusing } from './parse-form';
import { noPlanSentence, planRequestOf, type PlanningFacts } from './plan-request';
import { cultureSpeeds, loadShop, workingHours, type ShopState } from './shop-state';
import { writeEntries } from './entries';

/** The facts of a loaded shop that a plan rests on. */
export function planningFacts(context: ShopContext, state: ShopState): PlanningFacts {
  return {
    places: recent([...state.placeMap.values()], state.nowMs),
    pantry: state.pantry,
    scaleStepG: state.shop.scaleStepG,
    fineStepG: state.shop.fineStepG,
    workingHours: workingHours(state),
    timeZone: state.shop.timeZone,
    nowMs: state.nowMs,
    cultureSpeeds: cultureSpeeds(context, state),
  };
}

/** Readings older than this say nothing about the hours to come. */
const READINGS_KEPT_MS = 24 * MS_PER_HOUR;

/** Places with their last readings only: a plan looks ahead. */
function recent(places: readonly PlaceHistory[], nowMs: number): PlaceHistory[] {
  return places.map((place) => ({
    ...place,
    readings: (place.readings ?? []).filter((one) => one.atMs > nowMs - READINGS_KEPT_MS),
  }));
}

/** Takes a bake: plans it backwards and writes the bake and its planned entries, all or nothing. */
export function takeBake(
  context: ShopContext,
  form: unknown,
): Outcome<{ bakeId: string; batch: string }> {
  const parsed = parseForm(bakeFormSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const state = loadShop(context);
    const unknown = refuseUnknown(parsed.value, state);
    if (unknown !== null) return unknown;
    const request = planRequestOf(parsed.value, planningFacts(context, state), false);
    const plan = planBake(request);
    if (plan.kind === 'infeasible') {
      return refused('readyFrom', noPlanSentence(plan, state.shop.timeZone, state.nowMs));
    }
    const lots = freshCodes(context, state, plan.moments);
    const steps = bakeSteps(request, plan.moments, plan.columns, lots);
    return done(store(context, state, { form: parsed.value, plan, steps, lots }));
  });
}

/** What the form names has to be in the shop. */
function refuseUnknown(form: BakeForm, { pantry, placeMap }: ShopState): Outcome<never> | null {
  if (pantry.get(form.flourId)?.kind !== 'flour') {
    return refused('flourId', `Flour: “${form.flourId}” is not a flour of the shop.`);
  }
  for (const field of ['poolishPlaceId', 'doughPlaceId'] as const) {
    if (!placeMap.has(form[field])) {
      return refused(field, `Place: “${form[field]}” is not in the shop.`);
    }
  }
  return null;
}

interface Taken {
  readonly form: BakeForm;
  readonly plan: BakePlan;
  readonly steps: readonly { atMs: number; act: Act }[];
  readonly lots: BakeLots;
}

function store(context: ShopContext, state: ShopState, taken: Taken) {
  const { form, plan, steps } = taken;
  const batch = context.newId();
  const bake: Bake = {
    id: context.newId(),
    name: form.name,
    createdMs: state.nowMs,
    readyFromMs: plan.moments.readyFromMs,
    readyToMs: plan.moments.readyToMs,
    formula: formulaOf(form),
    poolishPlaceId: form.poolishPlaceId,
    doughPlaceId: form.doughPlaceId,
    methodVersionId: null,
  };
  const place = state.places.find((one) => one.id === form.poolishPlaceId);
  context.db.transaction(() => {
    if (place?.settings.at(-1)?.tempC !== form.roomC) {
      addPlaceSetting(context.db, {
        placeId: form.poolishPlaceId,
        fromMs: state.nowMs,
        tempC: form.roomC,
      });
    }
    addBake(context.db, bake);
    writeEntries(
      context,
      steps.map((step) => ({
        id: context.newId(),
        atMs: step.atMs,
        recordedMs: state.nowMs,
        tense: 'planned' as const,
        batch,
        by: null,
        bakeId: bake.id,
        fulfils: null,
        body: step.act,
      })),
    );
  })();
  return { bakeId: bake.id, batch };
}
