export {
  foldJournal,
  isAct,
  lotMadeBy,
  lotsTouchedBy,
  struckIds,
  type DoneAct,
  type Folded,
  type PlannedAct,
} from './fold';
export {
  actSchema,
  bodySchema,
  entrySchema,
  type Act,
  type ActOf,
  type Entry,
  type LookSigns,
} from './schema';
export { applyAct, isUsedUp, stockAfter, type Lot, type TimedAct } from './stock';
