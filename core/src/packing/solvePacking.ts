import { invariant } from '../errors';

/** Compaction index of a poured mix (de Larrard 1999). */
export const POURED_K = 4.1;

/**
 * Packing fraction phi that solves K = sum_k (y_k/beta_k) / (1/phi - 1/gamma_k), 0 < phi < min gamma.
 *
 * With x = 1/phi the right side falls and is convex for x above the largest 1/gamma, so Newton's iteration from a point
 * below the root rises to it without passing it. Two such points are known: where the steepest term alone gives K, and
 * where all terms stood at their mean 1/gamma (the sum is never less than that, by convexity); the higher one is taken.
 * `loads` are y_k/beta_k, `inverseGammas` are 1/gamma_k; classes without volume have load 0 and do not count.
 */
export function solvePacking(loads: ArrayLike<number>, inverseGammas: ArrayLike<number>, k = POURED_K): number {
  let x = 0;
  let whole = 0;
  let weighted = 0;
  for (let i = 0; i < loads.length; i += 1) {
    const load = loads[i] as number;
    if (load === 0) continue;
    const inverseGamma = inverseGammas[i] as number;
    x = Math.max(x, inverseGamma + load / k);
    whole += load;
    weighted += load * inverseGamma;
  }
  if (whole > 0) x = Math.max(x, weighted / whole + whole / k);
  invariant(x > 0, 'a mix without grains has no packing');
  for (let step = 0; step < 100; step += 1) {
    let sum = -k;
    let slope = 0;
    for (let i = 0; i < loads.length; i += 1) {
      const load = loads[i] as number;
      if (load === 0) continue;
      const inverse = 1 / (x - (inverseGammas[i] as number));
      sum += load * inverse;
      slope += load * inverse * inverse;
    }
    const move = sum / slope;
    x += move;
    if (Math.abs(move) <= 1e-15 * x) break;
  }
  return 1 / x;
}
