export { firstFall, firstRise, rowAtHour, valueAtHour, type Series } from './crossings';
export { handlingOf, LOT_KINDS, type Handling, type LotKind } from './kinds';
export { ripeWindow, type RipeWindow, type WindowOptions } from './window';
