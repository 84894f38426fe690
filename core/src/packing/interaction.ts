import type { Grains, Physics } from './grains';

/**
 * One size of grains of a component, with what they meet in others.
 *
 * Loosening by finer grains a = sqrt(1 - (1 - d_j/d_k)^1.02), wall effect of coarser grains
 * b = 1 - (1 - d_k/d_j)^1.50 (de Larrard 1999, Concrete Mixture Proportioning, chapter 1).
 */
export interface SizeClass {
  readonly d_mm: number;
  readonly beta: number;
}

/**
 * How far the grains of two components yield to each other: both a and b are multiplied by 1 less this. Ours, corrected
 * by kappa. `fades`: grains of one size do not yield, so that nothing jumps where finer turns into coarser.
 */
export interface Yielding {
  readonly most: number;
  readonly fades: boolean;
}

/**
 * Soft grains yield to harder ones. In the first physics by the difference of their softness, whatever their sizes; in
 * the second only as far as they differ in size, for nobody has measured that soft and hard grains of one size settle.
 */
export function yieldingOf(k: Grains, j: Grains, physics: Physics): Yielding {
  const apart = Math.abs(k.softness - j.softness);
  if (physics === 1) return { most: apart, fades: false };
  return { most: apart * (1 - Math.min(k.d50_mm, j.d50_mm) / Math.max(k.d50_mm, j.d50_mm)), fades: true };
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

/** Coefficient c_kj in gamma_k = beta_k / (1 - sum_j c_kj y_j): how much class j disturbs class k. Equal counts as finer. */
export function interaction(k: SizeClass, j: SizeClass, { most, fades }: Yielding): number {
  const isCoarser = j.d_mm > k.d_mm;
  const ratio = isCoarser ? k.d_mm / j.d_mm : j.d_mm / k.d_mm;
  const kept = 1 - (fades ? most * (1 - ratio) : most);
  if (isCoarser) return 1 - k.beta + kept * (1 - unwalled(ratio)) * k.beta * (1 - 1 / j.beta);
  return 1 - (kept * loosened(ratio) * k.beta) / j.beta;
}
