export { type ForecastAct } from './effective-plan';
export { forecastShop, type ShopForecast } from './forecast';
export type { LotForecast } from './lot-forecast';
export { placeTempC, type PlaceHistory, type Places } from './places';
