/**
 * What can be seen of what grows and of the surface that it grows from, in fixed words, each with what it usually tells.
 * Raters of products and keepers of trials name the same things by the same words.
 */
export { GROWTH_TAGS, type GrowthTag } from './growthTags';
export { SIGN_NAMES } from './signNames';
export { SURFACE_SIGNS, type SurfaceSign } from './surfaceSigns';
