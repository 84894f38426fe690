/**
 * Recipes as people write them: parts, percent, litres, scoops, a handful, the rest.
 * What is read is shown for confirmation; what could mean two things is asked about, never guessed.
 * Reading ends in loose parts, which is what the desk counts in.
 */
export { readRecipe, type Doubt, type ReadLine, type ReadRecipe } from './readRecipe';
export { partsOf, type PartsLine, type PartsRecipe } from './partsOf';
export { LITRES_OF, UNIT_WORDS, type RecipeUnit } from './units';
