export { blendStates, GAS_KEPT_BY_HAND, type BlendPart } from './blend';
export { runConstants } from './constants';
export { EXHAUSTED_SUGAR, fedState, steadyCulture, type FeedCycle } from './culture-cycle';
export { afterHandWork, HAND_WORKS, TENSION_OF, type HandWork } from './hand-work';
export { BOOK_MODEL, type Model } from './parameters';
export { recipe, UNKNOWN_STRENGTH_W, type Recipe } from './recipe';
export { simulate, stateAtRow, type Stay, type Trajectory } from './simulate';
export { acidToPh, freshFlourState, STATE_SIZE, X, type MassState } from './state';
export { cardinalResponse } from './temperature-response';
