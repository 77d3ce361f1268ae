export { eachArchiveRow, fillFromArchive, isEmptyShop } from './archive-repository';
export {
  addBackup,
  dataFolder,
  dropBackup,
  listBackups,
  placeBack,
  placeStaged,
  restoreBackup,
  stageBackup,
  type Backup,
} from './backup-store';
export { contentsOf, type BackupContents } from './backup-contents';
export { diskSentence, isDiskError } from './disk-full';
export { backupsFolder } from './backup-names';
export { addCommand, dropCommandsBefore, maybeOneCommand } from './command-repository';
export { databaseVersion } from './version-repository';
export { addBake, listBakeNames, listBakes, maybeOneBake, oneBake } from './bake-repository';
export { maybeOneDemoClock, saveDemoClock } from './clock-repository';
export { openShop, openShopInMemory, snapshotOf } from './connection';
export type { Db } from './db';
export { MigrationError, NotFoundError } from './errors';
export { holdFolder, type HeldFolder } from './folder-lock';
export { clearParts } from './own-files';
export { refuseLostShop } from './sound-shop';
export {
  addEntries,
  eachReading,
  isLotNamed,
  listBatch,
  listEntries,
  listEntriesIn,
  listLineEntries,
  listReadings,
  listStrikes,
  maybeFirstSeqFrom,
  maybeFirstWrittenMs,
  maybeSeqAt,
  maybeSeqOf,
  maybeSeqsOf,
} from './journal-repository';
export { journalVersion, maybeShelf, saveShelf } from './journal-shelf';
export { listFoundBatches, listLotNames, type FoundBatch } from './log-repository';
export { dropPhoto, listPhotoNames, maybePhoto, PHOTO_NAME, savePhoto } from './photo-store';
export { addPracticeRound, listPracticeRounds } from './practice-repository';
export { dropLearningReset, listLearningResets, saveLearningReset } from './learning-repository';
export {
  addPlace,
  addPlaceSetting,
  listPlaces,
  maybeOneShop,
  oneShop,
  savePlace,
  saveShop,
  shopLanguage,
} from './shop-repository';
export {
  dropEquipment,
  listEquipment,
  listEquipmentThere,
  saveEquipment,
} from './equipment-repository';
export {
  listProbes,
  PROBE_FAULTS,
  saveProbe,
  type ProbeFault,
  type ProbeRow,
} from './probe-repository';
export { listCultures, saveCulture } from './culture-repository';
export { addFlourLot, dropFlourLot, listFlourLots, type FlourLot } from './flour-lot-repository';
export { addPrintedLabel, listPrintedLabels, type PrintedLabel } from './label-repository';
export { listFlours, retireFlour, saveFlour } from './flour-repository';
export {
  addMethodVersion,
  listMethods,
  listMethodVersions,
  oneMethodVersion,
  retireMethod,
  type MethodVersion,
} from './method-repository';
export {
  addMark,
  addMixCard,
  listMarks,
  listMixCards,
  type MixCardRow,
} from './mix-card-repository';
export { listStock, saveStock, type StockNote } from './stock-repository';
export { listDemands, oneDemand, saveDemand, saveDemandSkip } from './demand-repository';
export {
  listClosingDays,
  listPinned,
  listStepPeople,
  saveStepPerson,
  listPresences,
  saveClosingDays,
  savePin,
  savePresences,
} from './hours-repository';
