export { LIBRARY, type LibraryMethod } from './library';
export {
  hoursRange,
  METHOD_RULES,
  methodSchema,
  usualHours,
  type Method,
  type MixStep,
  type Stay,
} from './method';
export { nearestFlour, placedMethod } from './placed';
export { SCHOOLS, SCHOOL_QUESTIONS, schoolSays, USUAL_SCHOOLS, type Schools } from './schools';
