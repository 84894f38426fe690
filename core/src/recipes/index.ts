/**
 * Recipes as people write them: parts, percent, litres, scoops, a handful, the rest; blends inside blends.
 * What is read is shown for confirmation; what could mean two things is asked about, never guessed.
 * Reading ends in loose parts of lots, which is what the desk counts in.
 */
export { flatLines, type BlendRef, type FlatLine, type KeptRecipe, type NestableLine } from './nesting';
export { isOpen, MOST_CORNERS, recipeCorners, type Corner, type OpenLine } from './openChoices';
export { partsOf, type PartsLine, type PartsRecipe, type Settled } from './partsOf';
export type { Doubt, ReadLine, ReadRecipe } from './asRead';
export { readRecipe } from './readRecipe';
export { readAmount } from './readAmount';
export { fillRest, litresOf, SHOWN_UNITS, shownIn, USUAL_MEASURES_L, type ShownUnit, type Sizes } from './shownIn';
export { LITRES_OF, type RecipeUnit } from './units';
export { UNIT_WORDS } from './unitWords';
