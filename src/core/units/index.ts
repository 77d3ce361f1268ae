export { DomainError, outOfRangeSentence, requireNumber, type NumberRule } from './errors';
export { addHours, hoursBetween, MS_PER_HOUR, MS_PER_MINUTE } from './instants';
export { cmToInches } from './lengths';
export { unitsOf, type ShopUnits } from './shop-units';
export { readQuantity, unitOf, type QuantityKind } from './typed-quantity';
export { celsiusToFahrenheit, fahrenheitToCelsius } from './temperature';
export {
  gramsToOunces,
  ouncesToGrams,
  pricePerKilogram,
  pricePerPound,
  roundKeepingSum,
  roundToStep,
} from './weights';
export { fromFreshEquivalentG, toFreshEquivalentG, YEAST_TYPES, type YeastType } from './yeast';
export { atWallMinute, fromLocalText, isTimeZone, toLocalText, wallTime } from './zoned';
export { readPastDay, readWallTime } from './typed-wall';
export { spanText } from './span-text';
