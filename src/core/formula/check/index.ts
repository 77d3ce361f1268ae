export { checkRecipe, type RecipeCheck } from './check';
export { readLine } from './line';
export type { RecipeLine } from './recipe-line';
export { doughOfRecipe, type RecipeAsDough } from './as-dough';
export { type Ranged, type RecipeSums } from './sums';
export { recipeStages, type RecipeStage, type RecipeStages } from './stages';
export { ownThings, type OwnThing } from './own-things';
