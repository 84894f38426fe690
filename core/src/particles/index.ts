/**
 * Sizes of grains and crumbs: sieves, the jar with its waiting times, the texture triangle.
 * Shares are of the recovered mass; sizes outside the stack are said to be outside, never guessed.
 * Layer heights of a jar over-read clay, which the screens say.
 */
export { settlingTime, settlingTimeMethod, SETTLING, type SettlingInput } from './settlingTime';
export { sieve, sieveMethod, SIEVE_LIMITS, type SieveInput, type SieveMass, type SieveResult } from './sieve';
export { texture, textureMethod, TEXTURE_SUM_TOLERANCE, type TextureClass, type TextureInput } from './texture';
