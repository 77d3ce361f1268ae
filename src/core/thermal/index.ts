export { remediesFor, withRemedyC, type Remedy } from './out-of-reach';
export { shopRule, type ShopRuleAnswer } from './shop-rule';
export {
  doughTemperatureC,
  waterFor,
  WARMEST_WATER_C,
  type WarmPart,
  type WaterAnswer,
  type WaterRequest,
} from './water-temperature';
