import { refuse, requireNotNegative } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';

const INPUT = object({ sand: number('share'), silt: number('share'), clay: number('share') });
export type TextureInput = InputOf<typeof INPUT>;

export type TextureClass =
  | 'sand'
  | 'loamy sand'
  | 'sandy loam'
  | 'loam'
  | 'silt loam'
  | 'silt'
  | 'sandy clay loam'
  | 'clay loam'
  | 'silty clay loam'
  | 'sandy clay'
  | 'silty clay'
  | 'clay';

/** How far the three shares may be from a sum of 1. */
export const TEXTURE_SUM_TOLERANCE = 0.01;

/**
 * Texture class of the twelve-class triangle, from shares of sand, silt and clay.
 *
 * Shares 0..1 that sum to 1 within 0.01 are rescaled to 1; others are refused (path `sand`). Limits are half-open: clay
 * or silt equal to a limit belongs to the class above it; sand of 0.52 and 0.45 belong to the less sandy class, as the
 * manual has it.
 * Source: Soil Science Division Staff (2017), Soil Survey Manual, USDA Handbook 18, chapter 3.
 * Example: 0.4 sand, 0.4 silt, 0.2 clay is loam.
 */
export function texture(input: TextureInput): { readonly class: TextureClass } {
  requireNotNegative('sand', input.sand, '');
  requireNotNegative('silt', input.silt, '');
  requireNotNegative('clay', input.clay, '');
  const whole = input.sand + input.silt + input.clay;
  if (Math.abs(whole - 1) > TEXTURE_SUM_TOLERANCE + 1e-12) {
    refuse('sand', `sand, silt and clay sum to ${whole.toFixed(3)}; they must sum to 1 within 0.01`);
  }
  // Percent, rid of the last digits, so that a border is a border after rescaling.
  const percent = (share: number): number => Math.round((share / whole) * 1e11) / 1e9;
  return { class: classOf(percent(input.sand), percent(input.silt), percent(input.clay)) };
}

function classOf(sand: number, silt: number, clay: number): TextureClass {
  if (silt + 1.5 * clay < 15) return 'sand';
  if (silt + 2 * clay < 30) return 'loamy sand';
  if (clay >= 40) return silt >= 40 ? 'silty clay' : sand > 45 ? 'sandy clay' : 'clay';
  if (clay >= 35 && sand > 45) return 'sandy clay';
  if (clay >= 27) return sand > 45 ? 'sandy clay loam' : sand > 20 ? 'clay loam' : 'silty clay loam';
  if (silt >= 80 && clay < 12) return 'silt';
  if (silt >= 50) return 'silt loam';
  if (clay >= 20 && silt < 28 && sand > 45) return 'sandy clay loam';
  if (clay >= 7 && silt >= 28 && sand <= 52) return 'loam';
  return 'sandy loam';
}

export const textureMethod = defineMethod({
  name: 'texture',
  version: 1,
  source: 'Soil Science Division Staff, 2017: Soil Survey Manual, USDA Handbook 18, chapter 3.',
  schema: INPUT,
  calculate: texture,
  outputs: {},
  golden: {
    input: { sand: 0.52, silt: 0.3, clay: 0.18 },
    gives: {
      class: 'loam',
    },
  },
});
