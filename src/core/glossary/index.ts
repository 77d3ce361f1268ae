export { TERMS, termsFor } from './terms';
export { termsIn } from './terms-in';
