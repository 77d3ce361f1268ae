export { bakeSteps, type BakeLots } from './bake-acts';
export { solveDose } from './dose';
export { planBake, type BakePlan, type NoPlan, type Remark } from './plan-bake';
export type { Moments, PlanRequest, WorkingHours } from './request';
export { isWorking, shiftsAround, type Shift } from './working-hours';
