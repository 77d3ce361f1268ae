export {
  massOf,
  mixCompositions,
  portion,
  totals,
  type Composition,
  type CompositionTotals,
  type Ingredient,
  type Pantry,
} from './composition';
