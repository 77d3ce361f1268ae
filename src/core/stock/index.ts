export { reachOf, type Reach, type Weighed } from './stock';
