/**
 * What components become when they are mixed: volume, water, air, weight, pH, salts and price.
 * Prepare works out what does not depend on the volumes; evaluate gives one blend; both serve desk and search.
 * The components' fine pores come along unharmed; the space between large grains is lost first.
 */
export { blend, blendMethod, blendProfile, type BlendResult } from './blend';
export {
  BLEND_DEFAULTS,
  BLEND_SETTINGS,
  COMPONENT_FIELDS,
  DESK_PHYSICS,
  physicsOf,
  requireBlendInput,
  requireComponents,
  requireSettings,
  type BlendComponent,
  type BlendInput,
  type BlendModel,
  type BlendSettings,
} from './blendInput';
export { evaluateBlend, type BlendScalars, type EvaluatedBlend } from './evaluateBlend';
export { BLEND_HEADS, CURVE_HEADS_CM, prepareBlend, type PreparedBlend } from './prepareBlend';
export { GOLDEN_PARTS } from './goldenParts';
