export { EIGHTY_PERCENT, normalBelow, normalDensity, quantile } from './normal';
export { findRoot } from './root';
export { normalMiddles, stratifiedNormals } from './stratified';
export { seededNormal, seededUniform } from './seeded';
