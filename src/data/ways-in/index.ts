export {
  addDevice,
  addPairing,
  giveDevice,
  listDevices,
  maybeDeviceOf,
  MOST_MISSES,
  personHere,
  saveHere,
  seeDevice,
  shutDevice,
  takePairing,
} from './device-repository';
export { gateState, saveGateFound, waysInVersion, wantGate } from './gate-repository';
export { addKey, dropKey, listKeys, maybeKeyOf, noteKeyUse } from './key-repository';
export { openWaysIn, WAYS_IN_FILE } from './open-ways-in';
