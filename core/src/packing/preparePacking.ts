import { bisect } from '../numeric';
import { CLASS_QUANTILES, CLASS_SHARE, classDiameters_mm, type Grains } from './grains';
import { interaction, type SizeClass } from './interaction';
import { solvePacking } from './solvePacking';

/** What does not change while shares change: virtual packings and the pair coefficients summed by component. */
export interface PreparedPacking {
  /** Loose packing of each component alone. */
  readonly alone: readonly number[];
  /** beta of each class, five to a component. */
  readonly betas: readonly number[];
  /** Row per class, column per component: c_kj summed over the component's classes. */
  readonly coefficients: Float64Array;
}

const CLASSES = CLASS_QUANTILES.length;
const BETA_BOUNDS = Object.freeze({ lo: 1e-4, hi: 5 });

function classesOf(grains: Grains, component: number, beta: number): SizeClass[] {
  return classDiameters_mm(grains).map((d_mm) => ({ d_mm, beta, component, softness: grains.softness }));
}

function packingAlone(grains: Grains, beta: number): number {
  const classes = classesOf(grains, 0, beta);
  const inverseGammas = classes.map(
    (k) => (1 - CLASS_SHARE * classes.reduce((sum, j) => sum + interaction(k, j), 0)) / beta,
  );
  return solvePacking(
    classes.map(() => CLASS_SHARE / beta),
    inverseGammas,
  );
}

/**
 * Virtual packing beta of a component: the one with which it packs alone, poured, at its own loose packing.
 * Found by bisection; the same for all its classes.
 */
export function virtualPacking(grains: Grains): number {
  return bisect((beta) => packingAlone(grains, beta) - grains.packing, BETA_BOUNDS.lo, BETA_BOUNDS.hi);
}

/** Prepares components for many evaluations; the sums are linear in the components' shares of solids. */
export function preparePacking(components: readonly Grains[]): PreparedPacking {
  const classes = components.flatMap((grains, i) => classesOf(grains, i, virtualPacking(grains)));
  const coefficients = new Float64Array(classes.length * components.length);
  classes.forEach((k, row) => {
    for (const j of classes) {
      const at = row * components.length + j.component;
      coefficients[at] = (coefficients[at] as number) + CLASS_SHARE * interaction(k, j);
    }
  });
  return { alone: components.map((c) => c.packing), betas: classes.map((c) => c.beta), coefficients };
}

/**
 * Packing fraction of a blend by the compressible packing model.
 *
 * `volumes` in any one unit, at least one above zero, in the order of the prepared components. Shares are of the
 * solids' envelopes, V_i phi_i. Source: de Larrard (1999); Stovall, de Larrard and Buil (1986).
 * Example: one component alone gives its own packing.
 */
export function blendPacking(prepared: PreparedPacking, volumes: readonly number[]): number {
  const { alone, betas, coefficients } = prepared;
  const count = alone.length;
  let total = 0;
  for (let i = 0; i < count; i += 1) total += (volumes[i] as number) * (alone[i] as number);
  const loads = new Float64Array(betas.length);
  const inverseGammas = new Float64Array(betas.length);
  for (let k = 0; k < betas.length; k += 1) {
    const own = Math.floor(k / CLASSES);
    const ownShare = ((volumes[own] as number) * (alone[own] as number)) / total;
    // A class without volume does not count, so its row need not be summed.
    if (ownShare === 0) continue;
    let sum = 0;
    for (let i = 0; i < count; i += 1) {
      sum += (coefficients[k * count + i] as number) * (volumes[i] as number) * (alone[i] as number);
    }
    const beta = betas[k] as number;
    inverseGammas[k] = (1 - sum / total) / beta;
    loads[k] = (ownShare * CLASS_SHARE) / beta;
  }
  return solvePacking(loads, inverseGammas);
}
