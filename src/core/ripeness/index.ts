export { firstFall, firstRise, rowAtHour, valueAtHour } from './crossings';
export {
  ASKED_RIPENESS,
  LOT_KINDS,
  type AskedRipeness,
  type LotKind,
  type Ripeness,
} from './kinds';
export { ripenessRule, SLACK_GLUTEN } from './rules';
export { ripeWindow, type RipeWindow, type WindowOptions } from './window';
export { ripenessAt, type RipenessInstants } from './ripeness-at';
