export {
  doughTemperatureC,
  waterFor,
  WARMEST_WATER_C,
  type WarmPart,
  type WaterAnswer,
} from './water-temperature';
