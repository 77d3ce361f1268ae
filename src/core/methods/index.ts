export { LIBRARY } from './library';
export { hoursRange, methodSchema, usualHours, type Method, type Stay } from './method';
export { nearestFlour, placedMethod } from './placed';
export { SCHOOLS, SCHOOL_QUESTIONS, schoolSays, USUAL_SCHOOLS, type Schools } from './schools';
