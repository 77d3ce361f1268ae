export { holdOrHurry, type HoldAnswer } from './hold-or-hurry';
export { type HoldMove, type HoldQuestion } from './hold-types';
