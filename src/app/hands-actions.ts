import type { HandsActions } from '@/ui/hands/actions';
import {
  actOnLotAction,
  applyWhatIfAction,
  planTrialAction,
  doStepAction,
  logLookAction,
  moveFactsAction,
  moveStepAction,
  setAimAction,
  takePartAction,
  skipStepAction,
  setDemoRateAction,
  undoAction,
  withdrawBakeAction,
} from './actions';

/** The server’s acts, as the views take them. */
export const handsActions: HandsActions = {
  doStep: doStepAction,
  moveFacts: moveFactsAction,
  moveStep: moveStepAction,
  setAim: setAimAction,
  skipStep: skipStepAction,
  logLook: logLookAction,
  actOnLot: actOnLotAction,
  takePart: takePartAction,
  applyWhatIf: applyWhatIfAction,
  planTrial: planTrialAction,
  undo: undoAction,
  withdrawBake: withdrawBakeAction,
  setDemoRate: setDemoRateAction,
};
