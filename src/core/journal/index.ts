export { carriedText, readCarried } from './carried-text';
export { carriedOver, onKnownLots } from './carried';
export {
  foldJournal,
  isAct,
  lotMadeBy,
  lotsTouchedBy,
  NOTHING_WRITTEN,
  struckIds,
  type DoneAct,
  type Folded,
  type PlannedAct,
  type Reading,
  type Score,
  type Tenses,
} from './fold';
export { newlyImpossible, possibleFold, type PossibleFold } from './possible';
export {
  entrySchema,
  HEALTH_SIGNS,
  type Act,
  type ActOf,
  type Entry,
  type HealthSign,
  type LookSigns,
} from './schema';
export {
  COLOURS,
  CRUMBS,
  LAST_ONES,
  OPENINGS,
  STICKINESS,
  TASTES,
  type Opening,
  type ScoreBody,
} from './score';
export { traceDay, type TraceLot, type TraceUse } from './day-trace';
export { lineageActs } from './lineage-acts';
export { applyAct, isUsedUp, stockAfter, type Lot } from './stock';
