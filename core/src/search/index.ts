/**
 * Which recipe: every way to share whole parts among lots, scored against what a use asks for.
 * Exhaustive and exact; each recipe is predicted by the same evaluation as the desk's.
 * Long searches tell how far they are and stop when asked.
 */
export { lossOf } from './loss';
export { countRecipes, forEachRecipe, recipeSearch, type FoundRecipe, type RecipeSearchResult } from './recipeSearch';
export {
  requireTargets,
  SEARCH_DEFAULTS,
  SEARCHABLE,
  type RecipeSearchInput,
  type SearchableProperty,
  type SearchComponent,
  type SearchTarget,
} from './searchInput';
