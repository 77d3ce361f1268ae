export {
  formulaColumns,
  OIL,
  SALT,
  WATER,
  yeastId,
  type ColumnRow,
  type Columns,
  type ScaleSteps,
} from './columns';
export { FORMULA_RULES, formulaSchema, formulaWeights, type Formula } from './formula';
export { weighDose, type WeighedDose, type YeastStock } from './yeast-dose';
