export { allergensOf } from './allergens';
export {
  massOf,
  mixCompositions,
  portion,
  totals,
  waterShareOf,
  type Composition,
  type CompositionTotals,
  type Ingredient,
  type Pantry,
} from './composition';
