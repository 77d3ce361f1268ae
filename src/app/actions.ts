'use server';

import { shopContext } from '@/services/context';
import { actOnLot, doStep } from '@/services/hands';
import { setAim } from '@/services/aim';
import { changeEquipment, removeEquipment, troubleProbe } from '@/services/equipment';
import { resetLearned, undoReset } from '@/services/learned';
import { logLook } from '@/services/look';
import { readMoveFacts } from '@/services/move-facts';
import { moveStep } from '@/services/move-step';
import { takeBake } from '@/services/new-bake';
import { logReading } from '@/services/readings';
import { changePlace, changeShop, setDemoRate } from '@/services/shop';
import { skipStep } from '@/services/skip-step';
import { undoBatch } from '@/services/undo';
import { planTrial } from '@/services/trials/plan-trial';
import { applyWhatIf } from '@/services/use-what-if';
import { describeCulture } from '@/services/cultures/describe';
import { restCulture, retireCulture } from '@/services/cultures/rest';
import { printLabels } from '@/services/labels/print';
import { openSack, takeSackBack } from '@/services/flour-lots';
import { takeFeed } from '@/services/cultures/take-feed';
import { takeMix } from '@/services/cultures/take-mix';
import { takePart } from '@/services/cultures/take-part';
import { takeSeries } from '@/services/cultures/take-series';
import { takeThaw } from '@/services/cultures/take-thaw';
import { withdrawBake } from '@/services/withdraw-bake';

/** A planned step, done. */
export async function doStepAction(form: unknown) {
  return doStep(shopContext(), form);
}

/** A planned step, at another hour. */
export async function moveStepAction(form: unknown) {
  return moveStep(shopContext(), form);
}

/** What moving a step rests on, for the page that drags one. */
export async function moveFactsAction() {
  return readMoveFacts(shopContext());
}

/** A planned step, skipped with its reason. */
export async function skipStepAction(form: unknown) {
  return skipStep(shopContext(), form);
}

/** A look at a lot. */
export async function logLookAction(form: unknown) {
  return logLook(shopContext(), form);
}

/** A fold, a move or an addition outside the plan. */
export async function actOnLotAction(form: unknown) {
  return actOnLot(shopContext(), form);
}

/** Takes back what a batch wrote. */
export async function undoAction(batch: string) {
  return undoBatch(shopContext(), String(batch));
}

/** Withdraws what is still planned of a bake. */
export async function withdrawBakeAction(bakeId: string) {
  return withdrawBake(shopContext(), String(bakeId));
}

/** Takes a new bake. */
export async function takeBakeAction(form: unknown) {
  return takeBake(shopContext(), form);
}

/** Saves the shop’s settings. */
export async function changeShopAction(form: unknown) {
  return changeShop(shopContext(), form);
}

/** Adds or changes a place. */
export async function changePlaceAction(form: unknown) {
  return changePlace(shopContext(), form);
}

/** Sets the demo clock’s speed. */
export async function setDemoRateAction(rate: number) {
  return setDemoRate(shopContext(), Number(rate));
}

/** Forgets what was learned about one thing. */
export async function resetLearnedAction(key: string) {
  return resetLearned(shopContext(), String(key));
}

/** Takes a reset of what was learned back. */
export async function undoResetAction(key: string) {
  return undoReset(shopContext(), String(key));
}

/** The baker’s own target rise of a lot. */
export async function setAimAction(form: unknown) {
  return setAim(shopContext(), form);
}

/** A temperature measured in a place. */
export async function logReadingAction(form: unknown) {
  return logReading(shopContext(), form);
}

/** Plans a second lot with one thing different, and a look at both. */
export async function planTrialAction(form: unknown) {
  return planTrial(shopContext(), form);
}

/** Takes a what-if over. */
export async function applyWhatIfAction(form: unknown) {
  return applyWhatIf(shopContext(), form);
}

/** Adds or changes something the shop works with. */
export async function changeEquipmentAction(form: unknown) {
  return changeEquipment(shopContext(), form);
}

/** Takes something out of the shop. */
export async function removeEquipmentAction(id: string) {
  return removeEquipment(shopContext(), String(id));
}

/** Lets a simulated probe fail, or work again. */
export async function troubleProbeAction(form: unknown) {
  return troubleProbe(shopContext(), form);
}

/** Feeds a starter or builds a levain of it, done or planned. */
export async function takeFeedAction(form: unknown) {
  return takeFeed(shopContext(), form);
}

/** Registers a culture, or changes how one is described. */
export async function describeCultureAction(form: unknown) {
  return describeCulture(shopContext(), form);
}

/** Puts a culture to rest. */
export async function restCultureAction(form: unknown) {
  return restCulture(shopContext(), form);
}

/** Retires a culture, or brings it back. */
export async function retireCultureAction(form: unknown) {
  return retireCulture(shopContext(), form);
}

/** Mixes a refresh, or a dough with discard. */
export async function takeMixAction(form: unknown) {
  return takeMix(shopContext(), form);
}

/** Takes a part of a lot its own way. */
export async function takePartAction(form: unknown) {
  return takePart(shopContext(), form);
}

/** Plans feeds in a row. */
export async function takeSeriesAction(form: unknown) {
  return takeSeries(shopContext(), form);
}

/** Plans a thaw. */
export async function takeThawAction(form: unknown) {
  return takeThaw(shopContext(), form);
}

/** Prints labels of a lot. */
export async function printLabelsAction(form: unknown) {
  return printLabels(shopContext(), form);
}

/** Notes a new sack of flour. */
export async function openSackAction(form: unknown) {
  return openSack(shopContext(), form);
}

/** Takes back a sack that was noted. */
export async function takeSackBackAction(id: string) {
  return takeSackBack(shopContext(), String(id));
}
