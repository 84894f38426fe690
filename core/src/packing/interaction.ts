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
  readonly component: number;
  readonly softness: number;
}

export const EXPONENTS = Object.freeze({ loosening: 1.02, wall: 1.5 });

/** Coefficient c_kj in gamma_k = beta_k / (1 - sum_j c_kj y_j). */
export function interaction(k: SizeClass, j: SizeClass): number {
  const yielding = j.component === k.component ? 1 : 1 - Math.abs(k.softness - j.softness);
  if (j.d_mm > k.d_mm) {
    const wall = yielding * (1 - Math.pow(1 - k.d_mm / j.d_mm, EXPONENTS.wall));
    return 1 - k.beta + wall * k.beta * (1 - 1 / j.beta);
  }
  const loosening = yielding * Math.sqrt(1 - Math.pow(1 - j.d_mm / k.d_mm, EXPONENTS.loosening));
  return 1 - (loosening * k.beta) / j.beta;
}
