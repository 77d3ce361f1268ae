export { firstFall, firstRise, rowAtHour, valueAtHour } from './crossings';
export { handlingOf, LOT_KINDS, type Handling, type LotKind } from './kinds';
export { ripenessRule, SLACK_GLUTEN } from './rules';
export { ripeWindow, type RipeWindow, type WindowOptions } from './window';
