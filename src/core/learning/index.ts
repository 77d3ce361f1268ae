export { updateBelief, updateByBound, type LnTimeBelief } from './update';
