export { bakeSteps, type BakeLots, type BakeStep } from './bake-acts';
export { solveDose } from './dose';
export { piecesOf, type MethodLots, type MethodMoments } from './method-acts';
export { draftLots, methodColumns, stepsOf } from './method-draft';
export type {
  LeavenSource,
  MethodPlan,
  MethodRemark,
  MethodRequest,
  NoMethodPlan,
} from './method-request';
export { planBake, type BakePlan, type NoPlan, type Remark } from './plan-bake';
export { planMethod } from './plan-method';
export type { Moments, PlanRequest, WorkingHours } from './request';
export { isWorking, shiftsAround, type Shift } from './working-hours';
export { hoursAtShare, SHARES, withLeaven, type ShareHours } from './share-hours';
export { wearOf } from './wear';
export { recipeHours, type RecipeHours } from './recipe-hours';
