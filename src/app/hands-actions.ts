import type { HandsActions } from '@/ui/hands/actions';
import {
  actOnLotAction,
  applyWhatIfAction,
  doStepAction,
  logLookAction,
  moveStepAction,
  planTrialAction,
  setAimAction,
  setDemoRateAction,
  skipStepAction,
  keepForAction,
  takePartAction,
  undoAction,
  withdrawBakeAction,
} from './actions';
import { moveFactsAction } from './queries';

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
  keepFor: keepForAction,
  applyWhatIf: applyWhatIfAction,
  planTrial: planTrialAction,
  undo: undoAction,
  withdrawBake: withdrawBakeAction,
  setDemoRate: setDemoRateAction,
};
