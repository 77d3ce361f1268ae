export { EIGHTY_PERCENT, normalBelow, normalDensity, quantile } from './normal';
export { findRoot } from './root';
export { seededNormal, seededUniform } from './seeded';
