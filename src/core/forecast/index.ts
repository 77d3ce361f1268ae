export { assimilateLooks } from './assimilate';
export { type ForecastAct } from './effective-plan';
export { forecastShop, type ShopForecast } from './forecast';
export { BOOK_SPEED_LN_SD, type CultureSpeed, type LotForecast } from './lot-forecast';
export {
  placeTempC,
  type DailyPoint,
  type PlaceHistory,
  type PlaceReading,
  type Places,
  type PlaceSetting,
} from './places';
export { recipeOf } from './recipe-of';
export { chanceInside } from './chance';
export { NO_DOUBT } from './doubt';
export { invert } from './invert';
export { readRequest, requestState, runRequest, type MassRequest, type Seed } from './mass-request';
export { forecastRequest } from './request-band';
export { BAKERS_YEAST } from './culture-of';
export {
  LOSS_PRIOR,
  learnLoss,
  learnMixerHeat,
  learnOffset,
  MIXER_PRIOR,
  mixParts,
  OFFSET_PRIOR,
} from './learn-shop';
export { learnSpeeds, type LearnedSpeed } from './learn-speeds';
export { stateAt } from './lot-run';
export {
  plainState,
  whatIf,
  WHAT_IF_STEP_H,
  type WhatIfAnswer,
  type WhatIfBase,
  type WhatIfHandles,
} from './what-if';
