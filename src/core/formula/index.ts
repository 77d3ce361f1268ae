export {
  batchesFor,
  boxesFor,
  mixerTakesKg,
  tubsFor,
  type BatchAnswer,
  type Box,
  type Mixer,
  type Tub,
} from './batches';
export { formulaColumns, type Columns, type ScaleSteps } from './columns';
export { divideByWeight, redivide, type Divided } from './divide';
export {
  BY_TAKING_KINDS,
  doughSchema,
  leavenSchema,
  LEAVEN_KINDS,
  DOUGH_RULES,
  type Dough,
  type Leaven,
  type LeavenKind,
} from './dough';
export {
  doughColumns,
  type DoughColumns,
  type DoughRow,
  type LeavenColumn,
  type WeighLine,
} from './dough-columns';
export { editDough, type CellChange, type Edited, type Held } from './edit';
export { exchangeLeaven, leavenOf } from './exchange';
export { FORMULA_RULES, formulaSchema, formulaWeights, type Formula } from './formula';
export { OIL, SALT, WATER, yeastId } from './ids';
export { USUAL_LEAVENS, usualLeaven } from './leaven-kinds';
export { pantryOf } from './pantry';
export { plainWaterG, trueFormula, type TrueFormula } from './recover';
export { formulaRemarks, yieldRemark, type FormulaRemark } from './remarks';
export { litreOfSalt, saltOfKilo, saltOfLitre } from './salt-rules';
export {
  dividedG,
  flourFor,
  productSchema,
  roundBallG,
  ROUND_STYLES,
  targetSchema,
  TARGET_RULES,
  trayG,
  type Product,
  type RoundStyle,
  type Target,
} from './target';
export { doughPerFlour, doughWeights, seedFlourShare, type DoughWeights } from './weights';
export { weighDose, type WeighedDose } from './yeast-dose';
