import { beginShop } from '../begin/begin-shop';
import { lookAtDemo } from '../demo/look-at-demo';
import { setAim } from '../hands/aim';
import { assignStep } from '../hands/assign-step';
import { keepBackup } from '../backups/backups';
import { restoreShop } from '../backups/restore';
import type { ShopContext } from '../context';
import { bringIn } from '../cultures/bring-in';
import { describeCulture } from '../cultures/describe';
import { restCulture, retireCulture } from '../cultures/rest';
import { takePart } from '../cultures/take-part';
import { keepFor } from '../lots/keep-for';
import { takeWish } from '../cultures/wish/take-wish';
import { changeFlour, retireOneFlour } from '../doughs/flours';
import { restoreVersion, retire, saveMethod } from '../doughs/methods';
import { takeMethodBake } from '../doughs/take-method-bake';
import { changeEquipment, removeEquipment, troubleProbe } from '../shop/equipment';
import { openSack, takeSackBack } from '../shop/flour-lots';
import { doStep } from '../hands/hands';
import { actOnLot } from '@/server/hands/act-on-lot';
import { takeMove } from '../hold/take-move';
import { noteStock } from '../stock/note-stock';
import { printLabels } from '../labels/print';
import { resetLearned, undoReset } from '../learned/learned';
import { logLook } from '../hands/look';
import { markCard } from '../mix/commands';
import { finishCard } from '@/server/mix/finish-card';
import { handlePrinter } from '../labels/printer';
import { handleScale } from '../mix/scale';
import { moveStep } from '../hands/move-step';
import { takeBake } from '../bakes/new-bake';
import type { Outcome } from '@/shop/outcome';
import { splitDemand } from '../plan/split-demand';
import { skipDemandDay, stateDemand, withdrawDemand } from '../plan/demands';
import { changeHours, pinStep, setWish } from '../shop/hours';
import { planFeeds } from '../plan/plan-feeds';
import { replanBake } from '../plan/replan';
import { takePlan } from '../plan/take-plan';
import { logPractice } from '../practice/practice';
import { logReading } from '../shop/readings';
import { logNote, logScore } from '../scores/score';
import { takeChange } from '../scores/take-change';
import { changeShop, setDemoRate } from '../shop/shop';
import { changePlace } from '@/server/shop/place';
import { skipStep } from '../hands/skip-step';
import { planTrial } from '../trials/plan-trial';
import { undoBatch } from '../journal/undo';
import { applyWhatIf } from '../lots/use-what-if';
import { withdrawBake } from '../bakes/withdraw-bake';
import { giveKey, letIn, sayWho, share, shutOut, takeKeyBack } from '../ways-in/commands';

/** Everything a page can have done, by name. Each takes what arrives as it is and checks it. */
export const COMMANDS = {
  doStep,
  moveStep,
  assignStep,
  skipStep,
  logLook,
  actOnLot,
  undo: (context: ShopContext, batch: unknown) => undoBatch(context, String(batch)),
  withdrawBake: (context: ShopContext, bakeId: unknown) => withdrawBake(context, String(bakeId)),
  beginShop,
  lookAtDemo: () => lookAtDemo(),
  takeBake,
  changeShop,
  changePlace,
  setDemoRate: (context: ShopContext, rate: unknown) => setDemoRate(context, Number(rate)),
  resetLearned: (context: ShopContext, key: unknown) => resetLearned(context, String(key)),
  undoReset: (context: ShopContext, key: unknown) => undoReset(context, String(key)),
  setAim,
  logReading,
  planTrial,
  applyWhatIf,
  changeEquipment,
  removeEquipment: (context: ShopContext, id: unknown) => removeEquipment(context, String(id)),
  troubleProbe,
  takeWish,
  describeCulture,
  bringIn,
  restCulture,
  retireCulture,
  takePart,
  keepFor,
  printLabels,
  openSack,
  noteStock,
  takeSackBack: (context: ShopContext, id: unknown) => takeSackBack(context, String(id)),
  keepBackup: (context: ShopContext) => keepBackup(context, Date.now()),
  restoreShop: (context: ShopContext, form: unknown) => restoreShop(context, form, Date.now()),
  markCard,
  finishCard,
  handleScale: (_: ShopContext, form: unknown) => handleScale(form),
  handlePrinter: (_: ShopContext, form: unknown) => handlePrinter(form),
  takePlan,
  planFeeds,
  replan: replanBake,
  stateDemand,
  skipDemandDay,
  splitDemand,
  withdrawDemand: (context: ShopContext, id: unknown, withdrawn: unknown) =>
    withdrawDemand(context, String(id), withdrawn === true),
  changeHours,
  setWish,
  pinStep: (context: ShopContext, stepId: unknown, pinned: unknown) =>
    pinStep(context, String(stepId), pinned === true),
  logScore,
  logNote,
  takeChange,
  takeMethodBake,
  saveMethod,
  restoreVersion: (context: ShopContext, versionId: unknown) =>
    restoreVersion(context, String(versionId)),
  retireMethod: (context: ShopContext, methodId: unknown, retired: unknown) =>
    retire(context, String(methodId), retired === true),
  changeFlour,
  retireFlour: retireOneFlour,
  takeMove,
  logPractice,
  share,
  letIn,
  shutOut,
  sayWho,
  giveKey,
  takeKeyBack,
} satisfies Readonly<
  Record<
    string,
    (context: ShopContext, ...args: never[]) => Outcome<unknown> | Promise<Outcome<unknown>>
  >
>;

export type CommandName = keyof typeof COMMANDS;

type Rest<F> = F extends (context: ShopContext, ...args: infer A) => unknown ? A : never;
/** What a command takes beside the shop. */
export type CommandArgs<N extends CommandName> = Rest<(typeof COMMANDS)[N]>;
/** What a command answers. */
export type CommandAnswer<N extends CommandName> = Awaited<ReturnType<(typeof COMMANDS)[N]>>;
