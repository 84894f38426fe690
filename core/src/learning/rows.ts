import type { MeasurableProperty, MeasuredBlend } from './measuredBlend';
import { atKappa, type Response } from './response';

/** One measured value, beside what is predicted of it. */
interface Row {
  readonly response: Response;
  readonly property: MeasurableProperty;
  /** Its place among the response's properties. */
  readonly at: number;
}

/** Measured less predicted of some properties over some blends, with all that may lie between them. */
export interface Residuals {
  readonly rows: readonly Row[];
  readonly values: readonly number[];
  /** Lower factor of their covariance: measurement, lots that blends share, scooping. */
  readonly factor: readonly Float64Array[];
  readonly logDeterminant: number;
}

const measuredOf = ({ response: { blend }, property }: Row): { readonly value: number; readonly se: number } =>
  blend.measured[property] ?? { value: 0, se: 1 };

/**
 * Covariance of two measured values of a blend. Air is pores less water: what water is read too high by, air is too low by.
 */
export function airAndWater({ measured }: MeasuredBlend, a: MeasurableProperty, b: MeasurableProperty): number {
  const { air, water } = measured;
  if (!((a === 'air' && b === 'water') || (a === 'water' && b === 'air'))) return 0;
  if (air === undefined || water === undefined) return 0;
  return -Math.min(water.se ** 2, SHARED * water.se * air.se);
}

/** Never quite all of it, or a spread that was read by chance would make the two contradict. */
const SHARED = 0.9;

function ofMeasuring(a: Row, b: Row): number {
  if (a.response !== b.response) return 0;
  return a.property === b.property ? measuredOf(a).se ** 2 : airAndWater(a.response.blend, a.property, b.property);
}

function rowsOf(responses: readonly Response[], properties: readonly MeasurableProperty[]): Row[] {
  return responses.flatMap((response) =>
    response.properties.flatMap((property, at) => (properties.includes(property) ? [{ response, property, at }] : [])),
  );
}

/** What one source moves: the rows that it moves at all, and by how much at each kappa. */
interface Column {
  readonly places: readonly number[];
  readonly nodes: readonly Float64Array[];
}

/** Rows with what moves them, sorted out once: a fit asks at many kappas. */
export interface Sheet {
  readonly rows: readonly Row[];
  readonly columns: readonly Column[];
}

export function sheetOf(responses: readonly Response[], properties: readonly MeasurableProperty[]): Sheet {
  const rows = rowsOf(responses, properties);
  const columns = new Map<string, { places: number[]; nodes: Float64Array[] }>();
  rows.forEach(({ response, at }, i) => {
    for (const { source, by } of response.effects) {
      const column = columns.get(source) ?? { places: [], nodes: [] };
      column.places.push(i);
      column.nodes.push(by[at] as Float64Array);
      columns.set(source, column);
    }
  });
  // What moves nothing, as the curve of a lot does the density, is left out.
  const moving = [...columns.values()].filter(({ nodes }) => nodes.some((one) => one.some((value) => value !== 0)));
  return { rows, columns: moving };
}

/** Residuals of a sheet at one kappa, with their covariance; `extra` are columns that vary by one standard deviation besides. */
export function residualsOf(
  { rows, columns }: Sheet,
  kappa: number,
  extra: readonly (readonly number[])[] = [],
): Residuals {
  const values = rows.map(
    (row) => measuredOf(row).value - atKappa(row.response.predicted[row.at] as Float64Array, kappa),
  );
  const factor = rows.map((a, i) => Float64Array.from(rows, (b, j) => (j <= i ? ofMeasuring(a, b) : 0)));
  const by = new Float64Array(rows.length);
  for (const { places, nodes } of columns) {
    for (let k = 0; k < places.length; k += 1) by[k] = atKappa(nodes[k] as Float64Array, kappa);
    addSquare(factor, places, by);
  }
  const all = rows.map((_, i) => i);
  for (const column of extra) addSquare(factor, all, column);
  return { rows, values, factor, logDeterminant: factorise(factor) };
}

export function addSquare(lower: readonly Float64Array[], places: readonly number[], by: ArrayLike<number>): void {
  for (let a = 0; a < places.length; a += 1) {
    const row = lower[places[a] as number] as Float64Array;
    const own = by[a] as number;
    if (own === 0) continue;
    for (let b = 0; b <= a; b += 1) {
      const j = places[b] as number;
      row[j] = (row[j] as number) + own * (by[b] as number);
    }
  }
}

/** Cholesky's factor in place; gives the logarithm of the determinant. */
export function factorise(a: readonly Float64Array[]): number {
  let log = 0;
  for (let i = 0; i < a.length; i += 1) {
    const row = a[i] as Float64Array;
    for (let j = 0; j <= i; j += 1) {
      const other = a[j] as Float64Array;
      let sum = row[j] as number;
      for (let k = 0; k < j; k += 1) sum -= (row[k] as number) * (other[k] as number);
      row[j] = i === j ? Math.sqrt(Math.max(sum, Number.MIN_VALUE)) : sum / (other[j] as number);
    }
    log += 2 * Math.log(row[i] as number);
  }
  return log;
}

/** Values in standard deviations that are independent of each other. */
export function whitened({ factor }: Pick<Residuals, 'factor'>, values: readonly number[]): number[] {
  const y: number[] = [];
  values.forEach((value, i) => {
    const row = factor[i] as Float64Array;
    let sum = value;
    for (let k = 0; k < i; k += 1) sum -= (row[k] as number) * (y[k] as number);
    y.push(sum / (row[i] as number));
  });
  return y;
}

export const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, i) => sum + value * (b[i] as number), 0);

/** The other way: what independent standard deviations weigh on each value, factor'^-1 y. */
export function weighed({ factor }: Pick<Residuals, 'factor'>, even: readonly number[]): number[] {
  const x = [...even];
  for (let i = x.length - 1; i >= 0; i -= 1) {
    let sum = x[i] as number;
    for (let k = i + 1; k < x.length; k += 1) sum -= ((factor[k] as Float64Array)[i] as number) * (x[k] as number);
    x[i] = sum / ((factor[i] as Float64Array)[i] as number);
  }
  return x;
}
