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
export {
  doughTemperatureC,
  waterFor,
  WARMEST_WATER_C,
  type WarmPart,
  type WaterAnswer,
} from './water-temperature';
export { weighDose, type WeighedDose } from './yeast-dose';
