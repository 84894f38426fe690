/**
 * Which recipe: every way to share whole parts among lots, scored against what a use asks for.
 * Exhaustive and exact; each recipe is predicted by the same evaluation as the desk's.
 * Long searches go in steps, which tell how far they are.
 */
export { lossOf } from './loss';
export { type FoundRecipe } from './best';
export { recipeSearch, recipeSearchMethod, recipeSearchSteps, type RecipeSearchResult } from './recipeSearch';
export { countRecipes, RecipeWalk } from './walk';
export {
  requireSearch,
  requireTargets,
  SEARCH_DEFAULTS,
  SEARCHABLE,
  type RecipeSearchInput,
  type SearchableProperty,
  type SearchComponent,
  type SearchTarget,
} from './searchInput';
