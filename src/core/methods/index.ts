export { additionOrder, type Added, type Addition } from './additions';
export { startingMethods } from './library';
export {
  hoursRange,
  MOMENT_FROM,
  MOMENT_WORKS,
  methodSchema,
  soakOf,
  usualHours,
  usualLengthH,
  type Method,
  type Moment,
  type Stay,
} from './method';
export { nearestFlour, nearestPlace, placedMethod } from './placed';
export { poolishMethod } from './poolish-bake';
export { doughText, saysTheSame } from './same-method';
export { variationsOf, type Variation } from './variations';
export { USUAL_MIX } from './usual-mix';
export { SCHOOLS, SCHOOL_QUESTIONS, schoolSays, USUAL_SCHOOLS, type Schools } from './schools';
