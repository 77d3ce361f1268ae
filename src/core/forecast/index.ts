export { assimilateLooks } from './assimilate';
export { type ForecastAct } from './effective-plan';
export { forecastShop, shopStories, type ShopForecast } from './forecast';
export { LEAVENED_DOUGHS } from './leavened-doughs';
export { type CultureSpeed } from './culture-speed';
export type { LotForecast } from './lot-told';
export { bookSpeed, bookSpeedLnSd, MISFIT_LN_SD } from './book-speed';
export { forecastLot, type Look } from './lot-forecast';
export { askedOf } from './judged-by';
export { isCold, placeKind } from './place-kinds';
export { placeTempC, setTempC, tempAt } from './places';
export type { DailyPoint, PlaceHistory, PlaceReading, Places } from './place-history';
export { recipeOf } from './recipe-of';
export { chanceInside, chanceThrough } from './chance';
export { RememberedLessons } from './remembered-lessons';
export { RememberedLots } from './remembered';
export { NO_DOUBT } from './doubt';
export { type DrawnTruth } from './drawn-truth';
export { drawnBandSteps, type DrawnBand } from './monte-carlo';
export { invert, solveHours, type Inversion } from './invert';
export { solveHoursNear, type Sought } from './solve-near';
export { readRequest, requestState, runRequest, type MassRequest, type Seed } from './mass-request';
export { forecastRequest } from './request-band';
export { BAKERS_YEAST } from './culture-of';
export {
  LOSS_PRIOR,
  learnHands,
  learnOffset,
  MIXER_PRIOR,
  mixParts,
  OFFSET_PRIOR,
} from './learn-shop';
export { learnSpeeds } from './learn-speeds';
export type { LearnedSpeed } from './cultures-of-shop';
export { warmHours } from './warm-hours';
export { runLot, stateAt, type Surroundings } from './lot-run';
export { type RunLot } from './start-state';
export { type LotStory } from './stories';
export {
  plainState,
  whatIf,
  wishFor,
  WHAT_IF_STEP_H,
  type WhatIfAnswer,
  type Wish,
} from './what-if';
export { handledLot, type WhatIfBase, type WhatIfHandles } from './handled-lot';
