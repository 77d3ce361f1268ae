export { bakeSteps, type BakeLots } from './bake-acts';
export { solveDose } from './dose';
export { piecesOf, type MethodLots } from './method-acts';
export { stepsOf } from './method-draft';
export type { MethodPlan, MethodRemark, MethodRequest, NoMethodPlan } from './method-request';
export type { Refreshments } from './refreshments';
export { planBake, type BakePlan, type NoPlan, type Remark } from './plan-bake';
export { planMethod } from './plan-method';
export { leavensToMake, redosed } from './redose';
export type { Moments, PlanRequest } from './request';
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
export { wearOf } from './wear';
export { recipeHours, type RecipeHours } from './recipe-hours';
export type { BakeStep } from './bake-acts';
export type { Wave } from './plan-parts';
