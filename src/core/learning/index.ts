export { aged, learnFrom, lotVariance, priorSpeed, type SpeedBelief } from './culture-speed';
export { updateBelief, updateByBound, type LnTimeBelief } from './update';
export { learnQuantity, type QuantityBelief, type QuantityPrior } from './quantity';
export { withOthers } from './shop-share';
