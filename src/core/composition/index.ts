export {
  massOf,
  mixCompositions,
  portion,
  totals,
  type Composition,
  type Ingredient,
  type Pantry,
} from './composition';
