export {
  batchesFor,
  batchesOfDough,
  boxesFor,
  tubsFor,
  type Box,
  type Mixer,
  type Tub,
} from './batches';
export { threeColumns, type Columns } from './columns';
export type { ScaleSteps } from './scale-steps';
export { divideByWeight, redivide } from './divide';
export {
  BY_TAKING_KINDS,
  doughSchema,
  LEAVEN_KINDS,
  type Dough,
  type Leaven,
  type LeavenKind,
} from './dough';
export {
  doughColumns,
  leavenColumnAlone,
  type DoughColumns,
  type DoughRow,
  type LeavenColumn,
} from './dough-columns';
export { editDough, type CellChange, type Held } from './edit';
export { exchangeLeaven, leavenOf } from './exchange';
export { FORMULA_RULES, formulaSchema, type Formula } from './formula';
export { OIL, SALT, WATER, yeastId } from './ids';
export { withLeavenFlour, withLeavenFlours } from './leaven-flour';
export { USUAL_LEAVENS, usualLeaven } from './leaven-kinds';
export { pantryOf } from './pantry';
export { plainWaterG, trueFormula } from './recover';
export { formulaRemarks } from './remarks';
export { litreOfSalt, saltOfKilo, saltOfLitre } from './salt-rules';
export {
  flourFor,
  mlPerFlour,
  productSchema,
  roundBallG,
  targetSchema,
  trayG,
  type Product,
  type Target,
} from './target';
export { perAreaOf, USUAL_THICKNESS, weightAsKnown, weightOfSize, type Size } from './size';
export { ROUND_STYLES, type RoundStyle } from './size-rules';
export { dividedByEye } from './by-eye';
export { dividedInto, piecesFor, targetColumns } from './target-columns';
export { doughPerFlour, doughWeights } from './weights';
export { weighDose, type WeighedDose } from './yeast-dose';
