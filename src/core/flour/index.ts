export {
  blendFor,
  blendOf,
  blendValue,
  type Blend,
  type BlendAnswer,
  type BlendWish,
  type FlourPart,
} from './blend';
export {
  blendThatLasts,
  enduranceH,
  enduranceOf,
  stageHours,
  type Endurance,
  type UsedHours,
} from './endurance';
export { absorptionOf, isEstimated, strengthOf, STRENGTH_SD, type Flour } from './flour';
export { substitutesFor } from './substitute';
export { waterToday, type TakenWater } from './water-today';
