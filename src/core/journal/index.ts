export {
  foldJournal,
  isAct,
  lotMadeBy,
  lotsTouchedBy,
  struckIds,
  type DoneAct,
  type Folded,
  type PlannedAct,
  type Reading,
  type Tenses,
} from './fold';
export { entrySchema, type Act, type ActOf, type Entry, type LookSigns } from './schema';
export { applyAct, isUsedUp, stockAfter, type Lot } from './stock';
