export type { Moment, WindowBand } from './band';
export { effectiveActs, type ForecastAct } from './effective-plan';
export { forecastShop, type ForecastRequest, type ShopForecast } from './forecast';
export type { InstantBand, LotForecast, WindowInstants } from './lot-forecast';
export { stateAt } from './lot-run';
export { placeTempC, type PlaceHistory, type Places } from './places';
export type { Conflict, LotStory } from './stories';
