export { checkRecipe, type RecipeCheck, type RecipeQuestion } from './check';
export { type ClaimCompared } from './compare';
export { readLine, type RecipeLine } from './line';
export { doughOfRecipe, type RecipeAsDough } from './as-dough';
export { type Ranged, type RecipeSums } from './sums';
export { type RecipeThing } from './words';
