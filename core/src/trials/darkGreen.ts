import { requireWithin } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';

const INPUT = object({
  red: number('mean of the patch, 0 to 255'),
  green: number('mean of the patch, 0 to 255'),
  blue: number('mean of the patch, 0 to 255'),
});
export type DarkGreenInput = InputOf<typeof INPUT>;

/** Hue in degrees, saturation and brightness 0 to 1. Grey has no hue: 0. */
function hueOf(red: number, green: number, blue: number): { hue: number; saturation: number; brightness: number } {
  const [high, low] = [Math.max(red, green, blue), Math.min(red, green, blue)];
  const spread = high - low;
  const saturation = high === 0 ? 0 : spread / high;
  if (spread === 0) return { hue: 0, saturation, brightness: high };
  const turn =
    high === red
      ? ((green - blue) / spread) % 6
      : high === green
        ? (blue - red) / spread + 2
        : (red - green) / spread + 4;
  return { hue: (360 + 60 * turn) % 360, saturation, brightness: high };
}

/**
 * How dark a green a patch of leaves is, from the mean of its pixels: near 0 pale and yellow, near 1 dark green.
 *
 * ((H - 60) / 60 + (1 - S) + (1 - B)) / 3 of hue, saturation and brightness, the hue held within 60 to 120 degrees. Of
 * use only between photos taken in the same light. Throws for colours outside 0 to 255.
 * Source: Karcher and Richardson (2003).
 * Example: 60, 120, 60: hue 120, saturation 0.5, brightness 0.47: 0.6765.
 */
export function darkGreen({ red, green, blue }: DarkGreenInput): { readonly index: number } {
  for (const [path, value] of Object.entries({ red, green, blue })) requireWithin(path, value, 0, 255);
  const { hue, saturation, brightness } = hueOf(red / 255, green / 255, blue / 255);
  const held = Math.min(120, Math.max(60, hue));
  return { index: ((held - 60) / 60 + (1 - saturation) + (1 - brightness)) / 3 };
}

export const darkGreenMethod = defineMethod({
  name: 'dark-green',
  version: 1,
  source: 'Karcher and Richardson, 2003.',
  schema: INPUT,
  calculate: darkGreen,
  outputs: {
    index: {
      of: 'index',
      sentence: 'How dark a green the marked leaves are: near 0 pale, near 1 dark.',
      formula: '((hue − 60) / 60 + (1 − saturation) + (1 − brightness)) / 3',
    },
  },
  golden: { input: { red: 60, green: 120, blue: 60 }, gives: { index: 0.6764705882352942 } },
});
