export {
  formulaColumns,
  OIL,
  SALT,
  WATER,
  yeastId,
  type Columns,
  type ScaleSteps,
} from './columns';
export { FORMULA_RULES, formulaSchema, formulaWeights, type Formula } from './formula';
export { weighDose, type WeighedDose } from './yeast-dose';
