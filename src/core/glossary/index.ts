export { TERMS, termsFor } from './terms';
