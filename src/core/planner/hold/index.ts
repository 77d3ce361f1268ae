export { holdOrHurry, type HoldAnswer } from './hold-or-hurry';
export { type HoldChange, type HoldKind, type HoldMove, type HoldQuestion } from './hold-types';
export { type PastFacts } from './past-facts';
