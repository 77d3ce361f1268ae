'use client';

import type { CommandAnswer, CommandArgs, CommandName } from '@/server/commands/registry';
import { ANSWERED } from '@/ui/pictures/answered';
import { sender, type Line } from '@/ui/send';
import type { SendLate } from '@/ui/waiting/send-waiting';
import { waitingHere } from '@/ui/waiting-store';
import type { Outcome } from '@/shop/outcome';

/** Sends a command as JSON; it throws where the shop does not answer. */
async function posted(form: {
  readonly name: string;
  readonly args: readonly unknown[];
  readonly id: string;
  readonly waitedMs?: number;
}): Promise<Outcome<unknown>> {
  const response = await fetch('/command', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(form),
  });
  return answerOf(response);
}

/** Sends an act that waited on this device: it is written with the hour at which it was done. */
export const sendLate: SendLate = ({ name, args, id }, waitedMs) =>
  posted({ name, args, id, waitedMs });

const line: Line = {
  send: (name, args, id) => posted({ name, args, id }),
  arrived: async (id) => {
    const response = await fetch(`/arrived?id=${encodeURIComponent(id)}`, { cache: 'no-store' });
    if (!response.ok) throw new Error(`arrived: ${response.status}`);
    return (await response.json()) as Outcome<unknown> | null;
  },
  wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
};
const carry = sender(line, waitingHere);

/** What came back. What is refused at the door is told in its words; what is no answer of Olvik’s is a lost one. */
async function answerOf(response: Response): Promise<Outcome<unknown>> {
  const { status } = response;
  if (response.headers.get('content-type')?.startsWith('application/json') === true) {
    document.dispatchEvent(new Event(ANSWERED));
    return (await response.json()) as Outcome<unknown>;
  }
  if (status < 400 || status >= 500) throw new Error(`command: ${status}`);
  return { ok: false, refusals: [{ field: null, sentence: await response.text() }] };
}

/** What a view calls to have a command carried out. */
type Sent<N extends CommandName> = (...args: CommandArgs<N>) => Promise<CommandAnswer<N>>;

function sent<N extends CommandName>(name: N): Sent<N> {
  return (...args) => carry(name, args) as Promise<CommandAnswer<N>>;
}

/** A planned step, done. */
export const doStepAction = sent('doStep');
/** A planned step, at another hour. */
export const moveStepAction = sent('moveStep');
/** A planned step, skipped with its reason. */
export const skipStepAction = sent('skipStep');
/** A look at a lot. */
export const logLookAction = sent('logLook');
/** A fold, a move or an addition outside the plan. */
export const actOnLotAction = sent('actOnLot');
/** Takes back what a batch wrote. */
export const undoAction = sent('undo');
/** Withdraws what is still planned of a bake. */
export const withdrawBakeAction = sent('withdrawBake');
/** The answers to the first questions of an empty shop. */
export const beginShopAction = sent('beginShop');
/** A demo shop beside this one, to be looked at. */
export const lookAtDemoAction = sent('lookAtDemo');
/** Takes a new bake. */
export const takeBakeAction = sent('takeBake');
/** Saves the shop’s settings. */
export const changeShopAction = sent('changeShop');
/** Adds or changes a place. */
export const changePlaceAction = sent('changePlace');
/** Sets the demo clock’s speed. */
export const setDemoRateAction = sent('setDemoRate');
/** Forgets what was learned about one thing. */
export const resetLearnedAction = sent('resetLearned');
/** Takes a reset of what was learned back. */
export const undoResetAction = sent('undoReset');
/** The baker’s own target rise of a lot. */
export const setAimAction = sent('setAim');
/** A temperature measured in a place. */
export const logReadingAction = sent('logReading');
/** Plans a second lot with one thing different, and a look at both. */
export const planTrialAction = sent('planTrial');
/** Takes a what-if over. */
export const applyWhatIfAction = sent('applyWhatIf');
/** Adds or changes something the shop works with. */
export const changeEquipmentAction = sent('changeEquipment');
/** Takes something out of the shop. */
export const removeEquipmentAction = sent('removeEquipment');
/** Lets a simulated probe fail, or work again. */
export const troubleProbeAction = sent('troubleProbe');
/** What was found for a wish of the cultures: a feed, feeds in a row, a levain, a refresh, a dough with discard, a thaw. */
export const takeWishAction = sent('takeWish');
/** Registers a culture, or changes how one is described. */
export const describeCultureAction = sent('describeCulture');
/** Brings in leftover dough, balls or a frozen bag as they were made. */
export const bringInAction = sent('bringIn');
/** Puts a culture to rest. */
export const restCultureAction = sent('restCulture');
/** Retires a culture, or brings it back. */
export const retireCultureAction = sent('retireCulture');
/** Takes a part of a lot its own way. */
export const takePartAction = sent('takePart');
/** Some balls of a lot, kept for another service. */
export const keepForAction = sent('keepFor');
/** Prints labels of a lot. */
export const printLabelsAction = sent('printLabels');
/** Notes a new sack of flour. */
export const openSackAction = sent('openSack');
/** Takes back a sack that was noted. */
export const takeSackBackAction = sent('takeSackBack');
/** Keeps a back-up now. */
export const keepBackupAction = sent('keepBackup');
/** Puts a back-up in place of the shop. */
export const restoreShopAction = sent('restoreShop');
/** Something happened on a mix card. */
export const markCardAction = sent('markCard');
/** A batch of a mix is finished. */
export const finishCardAction = sent('finishCard');
/** Tares the scale, or pours onto the simulated one. */
export const handleScaleAction = sent('handleScale');
/** Takes the roll out of the simulated label printer, or puts one in. */
export const handlePrinterAction = sent('handlePrinter');
/** Takes a plan of a service. */
export const takePlanAction = sent('takePlan');
/** Plans the feeds that keep the starters alive. */
export const planFeedsAction = sent('planFeeds');
/** Plans a bake anew around what is pinned. */
export const replanAction = sent('replan');
/** States a service, or changes one. */
export const stateDemandAction = sent('stateDemand');
/** Takes a service back, or puts it in again. */
export const withdrawDemandAction = sent('withdrawDemand');
/** Leaves out one day of a weekly service, or puts it in again. */
export const splitDemandAction = sent('splitDemand');
export const skipDemandDayAction = sent('skipDemandDay');
/** Says whose hands a planned step is for. */
export const assignStepAction = sent('assignStep');
/** Notes what is there of an ingredient, or what a kilo costs. */
export const noteStockAction = sent('noteStock');
/** Saves who is there when, and the closing days. */
export const changeHoursAction = sent('changeHours');
/** Sets what plans are weighed by. */
export const setWishAction = sent('setWish');
/** Pins a planned step, or takes the pin out. */
export const pinStepAction = sent('pinStep');
/** Writes how a bake turned out. */
export const scoreAction = sent('logScore');
/** Writes a note about a lot, or the day. */
export const noteAction = sent('logNote');
/** Puts a change into a new version and plans it. */
export const takeChangeAction = sent('takeChange');
/** Plans a bake of a method. */
export const takeMethodBakeAction = sent('takeMethodBake');
/** Saves a method as a new version. */
export const saveMethodAction = sent('saveMethod');
/** Takes a method back to an earlier version. */
export const restoreVersionAction = sent('restoreVersion');
/** Retires a method, or brings it back. */
export const retireMethodAction = sent('retireMethod');
/** Adds or changes a flour. */
export const changeFlourAction = sent('changeFlour');
/** Retires a flour, or brings it back. */
export const retireFlourAction = sent('retireFlour');
/** Takes a move of a bake that may slip. */
export const takeMoveAction = sent('takeMove');
/** Writes a judged jar of practice. */
export const logPracticeAction = sent('logPractice');
/** Opens the shop to other devices, or closes it. */
export const shareAction = sent('share');
/** A code that lets a device in. */
export const letInAction = sent('letIn');
/** Shuts a device out. */
export const shutOutAction = sent('shutOut');
/** Says whose hands are at this device. */
export const sayWhoAction = sent('sayWho');
/** Gives out a key: a calendar’s address, or for readings. */
export const giveKeyAction = sent('giveKey');
/** Takes a key back. */
export const takeKeyBackAction = sent('takeKeyBack');
