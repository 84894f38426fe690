/**
 * How much class j disturbs or spares the packing of class k, when k carries the packing.
 *
 * Loosening by finer grains a = sqrt(1 - (1 - d_j/d_k)^1.02), wall effect of coarser grains
 * b = 1 - (1 - d_k/d_j)^1.50 (de Larrard 1999, Concrete Mixture Proportioning, chapter 1).
 * Between different components both are multiplied by 1 - |softness_k - softness_j|: soft grains yield. That factor
 * is our guidance and is corrected by kappa. Equal diameters count as finer.
 */
export interface SizeClass {
  readonly d_mm: number;
  readonly beta: number;
  readonly softness: number;
}

export const LOOSENING_EXPONENT = 1.02;

/** Share of its packing that a class keeps beside coarser grains: (1 - d_k/d_j)^1.5, written with a root for speed. */
export function unwalled(sizeRatio: number): number {
  const gap = 1 - sizeRatio;
  return gap * Math.sqrt(gap);
}

/** How far finer grains push a class apart: sqrt(1 - (1 - d_j/d_k)^1.02). */
export function loosened(sizeRatio: number): number {
  // A power by way of its logarithm takes half the time, and a blend asks for hundreds.
  return Math.sqrt(1 - Math.exp(LOOSENING_EXPONENT * Math.log(1 - sizeRatio)));
}

/** Coefficient c_kj in gamma_k = beta_k / (1 - sum_j c_kj y_j). */
export function interaction(k: SizeClass, j: SizeClass): number {
  const yielding = 1 - Math.abs(k.softness - j.softness);
  if (j.d_mm > k.d_mm) {
    const wall = yielding * (1 - unwalled(k.d_mm / j.d_mm));
    return 1 - k.beta + wall * k.beta * (1 - 1 / j.beta);
  }
  return 1 - (yielding * loosened(j.d_mm / k.d_mm) * k.beta) / j.beta;
}
