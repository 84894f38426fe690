import { CLASS_QUANTILES, CLASS_SHARE, classDiameters_mm, type Grains, type Physics } from './grains';
import { interaction, yieldingOf, type SizeClass, type Yielding } from './interaction';
import { solvePacking } from './solvePacking';
import { ownRows, virtualPacking, type OwnRow } from './virtualPacking';

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

/** Prepares components for many evaluations; the sums are linear in the components' shares of solids. */
export function preparePacking(components: readonly Grains[], physics: Physics): PreparedPacking {
  const count = components.length;
  const materials = components.map((grains) => {
    const beta = virtualPacking(grains);
    const classes = classDiameters_mm(grains).map((d_mm): SizeClass => ({ d_mm, beta }));
    return { grains, beta, classes, rows: ownRows(grains.spread) };
  });
  const coefficients = new Float64Array(CLASSES * count * count);
  for (let i = 0; i < count; i += 1) {
    const { grains, beta, classes, rows } = materials[i] as (typeof materials)[number];
    const yielding = materials.map((other) => yieldingOf(grains, other.grains, physics));
    for (let own = 0; own < CLASSES; own += 1) {
      const at = (i * CLASSES + own) * count;
      const k = classes[own] as SizeClass;
      for (let j = 0; j < count; j += 1) {
        const row = rows[own] as OwnRow;
        coefficients[at + j] =
          i === j
            ? 1 - row.above - row.level * beta
            : besides(k, (materials[j] as (typeof materials)[number]).classes, yielding[j] as Yielding);
      }
    }
  }
  return {
    alone: components.map((c) => c.packing),
    betas: materials.flatMap(({ beta, classes }) => classes.map(() => beta)),
    coefficients,
  };
}

/** What one class meets of another material, all its classes together. */
function besides(k: SizeClass, classes: readonly SizeClass[], yielding: Yielding): number {
  let sum = 0;
  for (const j of classes) sum += interaction(k, j, yielding);
  return CLASS_SHARE * sum;
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
  const classes = betas.length;
  if (shares.length < count) shares = new Float64Array(count);
  if (loads.length < classes) {
    loads = new Float64Array(classes);
    inverseGammas = new Float64Array(classes);
  }
  let total = 0;
  for (let i = 0; i < count; i += 1) total += (volumes[i] as number) * (alone[i] as number);
  for (let i = 0; i < count; i += 1) shares[i] = ((volumes[i] as number) * (alone[i] as number)) / total;
  let used = 0;
  for (let i = 0; i < count; i += 1) {
    const own = shares[i] as number;
    // Classes without volume do not count and are left out.
    if (own === 0) continue;
    for (let k = i * CLASSES; k < (i + 1) * CLASSES; k += 1) {
      let sum = 0;
      const row = k * count;
      for (let j = 0; j < count; j += 1) sum += (coefficients[row + j] as number) * (shares[j] as number);
      const beta = betas[k] as number;
      inverseGammas[used] = (1 - sum) / beta;
      loads[used] = (own * CLASS_SHARE) / beta;
      used += 1;
    }
  }
  return solvePacking(loads, inverseGammas, used);
}

/** Room to work in, kept between calls: a search asks hundreds of thousands of times. */
let shares = new Float64Array(16);
let loads = new Float64Array(80);
let inverseGammas = new Float64Array(80);
