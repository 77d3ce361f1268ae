export { TERMS, termsFor, type Term } from './terms';
