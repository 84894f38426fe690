import { invertSymmetric, leastSquares, normal, type FitStatus, type Residuals } from '../numeric';

/** What is believed before a reading: x = mean + factor z, z standard normal; `factor` has a row for each x. */
export interface Prior {
  readonly mean: readonly number[];
  readonly factor: readonly (readonly number[])[];
}

/** Something that was seen of x, with its own standard error. */
export interface Sight {
  /** Value there and its slopes by x, written into `slopes`. */
  readonly look: (x: readonly number[], slopes: Float64Array) => number;
  readonly value: number;
  readonly se: number;
  /** Sights of one group share how uncertain their standard error is. */
  readonly group: string;
  /** What tells this place from others of its group. */
  readonly place: string;
  /** How many looks at the curve it takes: what a draw of it costs. */
  readonly looks: number;
}

/** A part of what is uncertain: x moves by the sum of its columns, each times a normal draw; by Student's t with `freedom`. */
export interface SpreadPart {
  readonly columns: readonly (readonly number[])[];
  readonly freedom?: number;
}

export interface Combined {
  readonly x: readonly number[];
  /** The same in prior standard deviations, and the covariance that is left of them. */
  readonly z: readonly number[];
  readonly left: readonly (readonly number[])[];
  readonly parts: readonly SpreadPart[];
  readonly status: FitStatus;
  /** Squared misfit of the sights in their standard errors, and how many of them the prior leaves free. */
  readonly misfit: number;
  readonly free: number;
}

/** Readings farther off than this many prior standard deviations are followed no farther. */
const FARTHEST = 12;

/** Starts of the search: where the prior is, and to both sides of it, tried until one ends well. */
const STARTS = [0, 1, -1] as const;

/** A misfit that repeats alone would hardly give, per free sight: then other starts are tried too. */
const POOR = 9;

/**
 * Prior and sights combined once: the most probable x, and what is uncertain around it in independent parts.
 *
 * Gauss-Newton in z: minimises |z|^2 + sum ((look(mean + factor z) - value) / se)^2. With A = I + J'J at the end, the prior
 * leaves the part factor A^-1, each sight the column factor A^-1 J_i'; their squares sum to the posterior covariance factor
 * A^-1 factor'. `freedom` gives each group's degrees of freedom. Source: Tarantola (2005), Inverse Problem Theory, 3.2.
 */
export function combine(
  prior: Prior,
  sights: readonly Sight[],
  freedom: Readonly<Partial<Record<string, number>>>,
): Combined {
  const p = (prior.factor[0] as readonly number[]).length;
  const model = modelOf(prior, sights, p);
  const bounds = { lo: new Array<number>(p).fill(-FARTHEST), hi: new Array<number>(p).fill(FARTHEST) };
  let best = leastSquares(model, new Array<number>(p).fill(0), bounds);
  for (const start of STARTS.slice(1)) {
    if (best.status === 'converged' && best.sse <= POOR * (sights.length + 1)) break;
    const other = leastSquares(model, new Array<number>(p).fill(start), bounds);
    if (other.sse < best.sse) best = other;
  }
  const z = best.parameters;
  const residuals = new Float64Array(model.count);
  const jacobian = new Float64Array(model.count * p);
  model.evaluate(z, residuals, jacobian);
  const inverse = invertSymmetric(normal(residuals, jacobian, p).curvature) as number[][];
  const onto = (column: readonly number[]): number[] =>
    prior.factor.map((row) => row.reduce((sum, factor, i) => sum + factor * (column[i] as number), 0));
  const solved = (column: readonly number[]): number[] =>
    inverse.map((row) => row.reduce((sum, value, i) => sum + value * (column[i] as number), 0));
  const ofPrior = inverse.map((column) => onto(column)).filter((column) => column.some((value) => value !== 0));
  const groups = new Map<string, number[][]>();
  let misfit = 0;
  let free = 0;
  sights.forEach(({ group }, i) => {
    const slopes = Array.from(jacobian.subarray((p + i) * p, (p + i + 1) * p));
    const column = solved(slopes);
    groups.set(group, [...(groups.get(group) ?? []), onto(column)]);
    misfit += (residuals[p + i] as number) ** 2;
    free += 1 - slopes.reduce((sum, value, k) => sum + value * (column[k] as number), 0);
  });
  return {
    x: prior.mean.map(
      (mean, i) => mean + (prior.factor[i] as readonly number[]).reduce((sum, f, k) => sum + f * (z[k] as number), 0),
    ),
    z,
    left: inverse,
    parts: [
      { columns: ofPrior },
      ...[...groups].map(([group, columns]): SpreadPart => {
        const own = freedom[group];
        return { columns, ...(own === undefined ? {} : { freedom: own }) };
      }),
    ],
    status: best.status,
    misfit,
    free,
  };
}

/** Residuals by z: z itself, for the prior, and each sight in its standard errors. */
function modelOf({ mean, factor }: Prior, sights: readonly Sight[], p: number): Residuals {
  const slopes = new Float64Array(mean.length);
  const x = new Array<number>(mean.length).fill(0);
  return {
    count: p + sights.length,
    evaluate: (z, residuals, jacobian) => {
      jacobian.fill(0);
      for (let i = 0; i < p; i += 1) {
        residuals[i] = z[i] as number;
        jacobian[i * p + i] = 1;
      }
      for (let i = 0; i < mean.length; i += 1) {
        const row = factor[i] as readonly number[];
        let sum = mean[i] as number;
        for (let k = 0; k < p; k += 1) sum += (row[k] as number) * (z[k] as number);
        x[i] = sum;
      }
      sights.forEach(({ look, value, se }, s) => {
        slopes.fill(0);
        residuals[p + s] = (look(x, slopes) - value) / se;
        for (let k = 0; k < p; k += 1) {
          let sum = 0;
          for (let i = 0; i < mean.length; i += 1)
            sum += (slopes[i] as number) * ((factor[i] as readonly number[])[k] as number);
          jacobian[(p + s) * p + k] = sum / se;
        }
      });
    },
  };
}

/** Covariance of what is uncertain: the sum of its columns' squares, each with the variance of its Student's t. */
export function covarianceOf(parts: readonly SpreadPart[], size: number): number[][] {
  const covariance = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  for (const { columns, freedom } of parts) {
    const wider = freedom === undefined || freedom <= 2 ? 1 : freedom / (freedom - 2);
    for (const column of columns)
      column.forEach((a, i) => {
        const row = covariance[i] as number[];
        column.forEach((b, j) => {
          row[j] = (row[j] as number) + wider * a * b;
        });
      });
  }
  return covariance;
}
