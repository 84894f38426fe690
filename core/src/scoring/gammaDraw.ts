import { normalDraw, type Random } from './seededRandom';

/** One draw of a gamma distribution with this shape and scale 1, by Marsaglia and Tsang (2000); shape over 0. */
export function gammaDraw(shape: number, random: Random): number {
  // A small shape is drawn one larger and brought down by a power of a uniform draw.
  if (shape < 1) return gammaDraw(shape + 1, random) * (1 - random()) ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normalDraw(random);
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(1 - random()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
  }
}
