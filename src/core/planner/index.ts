export { planWithBallsAt } from './balls-held';
export { piecesOf, type MethodLots } from './method-acts';
export { stepsOf } from './method-draft';
export type {
  MethodPlan,
  MethodRemark,
  MethodRequest,
  NoMethodPlan,
  PlannedLeaven,
} from './method-request';
export type { Refreshments } from './refreshments';
export { planMethod } from './plan-method';
export { mendOf, targetTimes, type Mend } from './mend';
export { leavensToMake, redosed } from './redose';
export {
  isClosedOn,
  isWorking,
  shiftsAround,
  workedSpans,
  type ClosingDays,
  type Presence,
  type Span,
  type WorkingHours,
} from './working-hours';
export { hoursAtShare, SHARES, withLeaven, type ShareHours } from './share-hours';
export { momentsOf } from './moments-of';
export { wearOf } from './wear';
export type { Edge, Limit } from './hour-edges';
export { hourReasons } from './hour-reasons';
export type { Ground, HourReason } from './mix-reason';
export type { HourOf } from './hour-of';
export { recipeHours, type RecipeHours } from './recipe-hours';
export { GAS_KEPT_BALLING, type BakeStep } from './bake-step';
export type { LeavenSource, Wave } from './plan-parts';
