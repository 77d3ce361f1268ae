'use server';

import { shopContext } from '@/services/context';
import { stateDemand, withdrawDemand } from '@/services/plan/demands';
import { changeHours, pinStep, setWish } from '@/services/plan/hours';
import { planFeeds } from '@/services/plan/plan-feeds';
import { replanBake } from '@/services/plan/replan';
import { takePlan } from '@/services/plan/take-plan';

/** Takes a plan of a service. */
export async function takePlanAction(form: unknown) {
  return takePlan(shopContext(), form);
}

/** Plans the feeds that keep the starters alive. */
export async function planFeedsAction(form: unknown) {
  return planFeeds(shopContext(), form);
}

/** Plans a bake anew around what is pinned. */
export async function replanAction(form: unknown) {
  return replanBake(shopContext(), form);
}

/** States a service, or changes one. */
export async function stateDemandAction(form: unknown) {
  return stateDemand(shopContext(), form);
}

/** Takes a service back, or puts it in again. */
export async function withdrawDemandAction(id: string, withdrawn: boolean) {
  return withdrawDemand(shopContext(), String(id), withdrawn === true);
}

/** Saves who is there when, and the closing days. */
export async function changeHoursAction(form: unknown) {
  return changeHours(shopContext(), form);
}

/** Sets what plans are weighed by. */
export async function setWishAction(form: unknown) {
  return setWish(shopContext(), form);
}

/** Pins a planned step, or takes the pin out. */
export async function pinStepAction(stepId: string, pinned: boolean) {
  return pinStep(shopContext(), String(stepId), pinned === true);
}
