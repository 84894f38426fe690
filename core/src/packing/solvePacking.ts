import { invariant } from '../errors';

/** Compaction index of a poured mix (de Larrard 1999). */
export const POURED_K = 4.1;

/**
 * Packing fraction phi that solves K = sum_k (y_k/beta_k) / (1/phi - 1/gamma_k), 0 < phi < min gamma.
 *
 * With x = 1/phi the right side falls and is convex for x above the largest 1/gamma, so Newton's iteration from a point
 * below the root rises to it without passing it. Two such points are known: where the steepest term alone gives K, and
 * where all terms stood at their mean 1/gamma (the sum is never less than that, by convexity); the higher one is taken.
 * `loads` are y_k/beta_k above 0, `inverseGammas` are 1/gamma_k; the first `count` of each are used.
 */
export function solvePacking(
  loads: ArrayLike<number>,
  inverseGammas: ArrayLike<number>,
  count = loads.length,
  k = POURED_K,
): number {
  let x = 0;
  let whole = 0;
  let weighted = 0;
  for (let i = 0; i < count; i += 1) {
    const load = loads[i] as number;
    const inverseGamma = inverseGammas[i] as number;
    const alone = inverseGamma + load / k;
    if (alone > x) x = alone;
    whole += load;
    weighted += load * inverseGamma;
  }
  invariant(whole > 0, 'a mix without grains has no packing');
  x = Math.max(x, weighted / whole + whole / k);
  for (let step = 0; step < 100; step += 1) {
    let sum = -k;
    let slope = 0;
    for (let i = 0; i < count; i += 1) {
      const inverse = 1 / (x - (inverseGammas[i] as number));
      const term = (loads[i] as number) * inverse;
      sum += term;
      slope += term * inverse;
    }
    const move = sum / slope;
    x += move;
    // Close to the root Newton's error is the square of its step: a step of 1e-8 has left nothing.
    if (Math.abs(move) <= 1e-9 * x) break;
  }
  return 1 / x;
}
