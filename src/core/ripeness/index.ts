export { firstFall, firstRise, rowAtHour, valueAtHour } from './crossings';
export { handlingOf, LOT_KINDS, type LotKind } from './kinds';
export { ripeWindow, type RipeWindow } from './window';
