export { holdOrHurry, type HoldAnswer } from './hold-or-hurry';
export { oddsAsItStands } from './standing';
export { type HoldMove, type HoldQuestion } from './hold-types';
