export { aged, learnFrom, lotVariance, priorSpeed, type SpeedBelief } from './culture-speed';
export { updateBelief, updateByBound, type LnTimeBelief } from './update';
