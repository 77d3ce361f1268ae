export { firstFall, firstRise, rowAtHour, valueAtHour } from './crossings';
export { ASKED_RIPENESS, LOT_KINDS, type AskedRipeness, type LotKind } from './kinds';
export { ripenessRule, SLACK_GLUTEN } from './rules';
export type { WindowOptions } from './options';
export { ripeWindow, type RipeWindow } from './window';
export { ripenessAt } from './ripeness-at';
